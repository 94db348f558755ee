import { Settings } from '@/shop/settings/Settings';

export default function SettingsPage() {
  return <Settings />;
}
