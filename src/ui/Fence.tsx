'use client';

import { Component, type ErrorInfo, type ReactNode } from 'react';
import { Button } from './Button';
import { Notice } from './Notice';
import { SetApart } from './SetApart';

interface Props {
  /** What stands inside, as a person names it. */
  readonly what: string;
  /** The record it is about, by its key: it can be set apart when it is the cause. */
  readonly record?: string;
  readonly children: ReactNode;
}

/** What fails inside is said in its own place; everything round it goes on. */
export class Fence extends Component<Props, { readonly why?: string }> {
  override state: { readonly why?: string } = {};

  static getDerivedStateFromError(error: unknown): { why: string } {
    return { why: error instanceof Error && error.message ? error.message : 'no reason given' };
  }

  override componentDidUpdate({ record }: Props): void {
    if (record !== this.props.record && this.state.why !== undefined) this.setState({ why: undefined });
  }

  override componentDidCatch(error: unknown, { componentStack }: ErrorInfo): void {
    // For whoever looks at the browser’s own console: where it happened.
    reportError(new Error(`${this.props.what} failed.${componentStack ?? ''}`, { cause: error }));
  }

  override render(): ReactNode {
    const { why } = this.state;
    const { what, record, children } = this.props;
    if (why === undefined) return children;
    return (
      <div className="p-4" data-fence>
        <Notice tone="stop">
          <p>
            {what} failed: {why}. What was recorded is safe on this device; the rest of the application goes
            on.
          </p>
          <div className="mt-2 flex flex-wrap gap-2">
            <Button onClick={() => this.setState({ why: undefined })}>Try again</Button>
            {record && <SetApart record={record} why={why} />}
          </div>
        </Notice>
      </div>
    );
  }
}
