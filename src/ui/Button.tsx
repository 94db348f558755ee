import Link from 'next/link';
import type { ComponentProps, ReactNode } from 'react';

type Look = 'main' | 'plain' | 'quiet' | 'stop';

const base =
  'inline-flex min-h-11 items-center justify-center gap-2 rounded-sm px-4 text-center font-semibold disabled:opacity-45';

const looks: Record<Look, string> = {
  main: 'min-h-16 bg-act px-6 text-lg text-on-act hover:brightness-110',
  plain:
    'border-2 border-ink bg-transparent text-ink hover:bg-ink/8 aria-pressed:bg-ink aria-pressed:text-on-ink',
  quiet: 'px-2 text-act underline underline-offset-4 hover:decoration-2',
  stop: 'min-h-16 bg-stop px-6 text-lg text-on-stop hover:brightness-110',
};

interface Props extends ComponentProps<'button'> {
  readonly look?: Look;
}

export function Button({ look = 'plain', className = '', type = 'button', ...rest }: Props) {
  return <button type={type} className={`${base} ${looks[look]} ${className}`} {...rest} />;
}

interface LinkProps {
  readonly href: string;
  readonly look?: Look;
  readonly className?: string;
  readonly children: ReactNode;
}

/** A link that looks like what it does: goes somewhere. */
export function ButtonLink({ href, look = 'plain', className = '', children }: LinkProps) {
  return (
    <Link href={href} prefetch={false} className={`${base} ${looks[look]} ${className}`}>
      {children}
    </Link>
  );
}
