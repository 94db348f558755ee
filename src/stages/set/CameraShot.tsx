'use client';

import { useEffect, useRef, useState } from 'react';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { Notice } from '@/ui/Notice';

interface Props {
  readonly onShot: (photo: Blob) => void;
  readonly onClose: () => void;
}

/** What a camera that does not open says, and what to do instead. */
// prettier-ignore
const troubles: Record<string, string> = {
  NotAllowedError: 'The camera is not allowed on this page. Allow it in the browser’s site settings, or choose a photo.',
  NotFoundError: 'This device has no camera. Choose a photo instead.',
  NotReadableError: 'Another program holds the camera. Close it, or choose a photo.',
};

/** The device’s own camera, live, and one still of it. Nothing leaves the device. */
export function CameraShot({ onShot, onClose }: Props) {
  const video = useRef<HTMLVideoElement>(null);
  const [trouble, setTrouble] = useState<string>();
  const [live, setLive] = useState(false);
  useEffect(() => {
    let stream: MediaStream | undefined;
    let gone = false;
    const open = async () => {
      try {
        // Absent on pages that are not served safely.
        const devices = navigator.mediaDevices as MediaDevices | undefined;
        if (!devices) throw new DOMException('', 'NotFoundError');
        stream = await devices.getUserMedia({ video: { facingMode: 'environment', width: { ideal: 1920 } } });
        if (gone) stream.getTracks().forEach((track) => track.stop());
        else if (video.current) {
          video.current.srcObject = stream;
          await video.current.play();
          setLive(true);
        }
      } catch (error) {
        const name = error instanceof DOMException ? error.name : '';
        if (!gone) setTrouble(troubles[name] ?? 'The camera did not open. Choose a photo instead.');
      }
    };
    void open();
    return () => {
      gone = true;
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, []);
  const take = () => {
    const from = video.current;
    if (!from) return;
    const canvas = document.createElement('canvas');
    canvas.width = from.videoWidth;
    canvas.height = from.videoHeight;
    canvas.getContext('2d')?.drawImage(from, 0, 0);
    canvas.toBlob((photo) => photo && onShot(photo), 'image/jpeg', 0.92);
  };
  return (
    <Dialog
      open
      onClose={onClose}
      title="Take a photo of the card"
      says="Straight on, the whole card and a blank margin in the picture, no lamp mirrored in it."
    >
      {trouble ? (
        <Notice tone="care">{trouble}</Notice>
      ) : (
        <>
          <video ref={video} muted playsInline className="w-full bg-ink" aria-label="What the camera sees" />
          <Button look="main" className="mt-3" disabled={!live} onClick={take}>
            Take it
          </Button>
        </>
      )}
    </Dialog>
  );
}
