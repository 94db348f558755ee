'use client';

import { useEffect } from 'react';

const own = 'Fluorite';
let page = own;
let alarm: string | undefined;

const show = () => {
  document.title = alarm ?? page;
};

/** The title of the page on screen, while it is. The one place that writes the tab’s title. */
export function usePageTitle(title: string): void {
  useEffect(() => {
    page = title;
    show();
    return () => {
      page = own;
      show();
    };
  }, [title]);
}

/** What an alarm puts before any page’s title, until it is seen. */
export function useAlarmTitle(title: string | undefined): void {
  useEffect(() => {
    alarm = title;
    show();
  }, [title]);
}
