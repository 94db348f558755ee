import { ButtonLink } from '@/ui/Button';
import { Page } from '@/ui/Page';

export default function NotFound() {
  return (
    <Page title="There is no such place" says="The address may be mistyped, or from an older version.">
      <ButtonLink href="/">To the bench</ButtonLink>
    </Page>
  );
}
