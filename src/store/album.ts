import type { Orphans } from './disk/orphans';
import { memoryPictures, type Pictures } from './disk/pictures';

/**
 * A picture stays so long after its photo was removed, for undo, and for another device that brings the photo back, ms. A
 * default.
 */
const keptFor = 7 * 86_400_000;

/** The pictures of photos, as the store keeps them. */
export class Album {
  private pictures: Pictures = memoryPictures();

  /**
   * @param belongs does this photo stand among the records?
   * @param failed called when the disk would not take a picture
   */
  constructor(
    private readonly belongs: (id: string) => boolean,
    private readonly failed: (error: unknown) => void,
  ) {}

  open(pictures: Pictures): Pictures {
    this.pictures = pictures;
    return pictures;
  }

  /** The picture of a photo; undefined where it is not on this device. */
  get(id: string): Promise<Blob | undefined> {
    return this.pictures.get(id).catch(() => undefined);
  }

  /**
   * Keeps pictures, before the photos they belong to are put: a photo never stands there without its picture.
   *
   * @param each the pictures one by one, so that they need not all be in memory
   * @returns false when the disk would not take one; those kept meanwhile are taken out again
   * @throws what `each` throws, after the same
   */
  async keep(each: AsyncIterable<readonly [id: string, picture: Blob]>): Promise<boolean> {
    const kept: string[] = [];
    try {
      for await (const [id, picture] of each) {
        const taken = await this.pictures.set(id, picture).then(
          () => true,
          (error: unknown) => {
            this.failed(error);
            return false;
          },
        );
        if (!taken) {
          await this.takeOut(kept);
          return false;
        }
        kept.push(id);
      }
      return true;
    } catch (error) {
      await this.takeOut(kept);
      throw error;
    }
  }

  /**
   * Takes out pictures whose photos were removed a good while ago.
   *
   * @param known since when those were without a photo that were found so before
   * @param now ms since the epoch
   * @returns the same for those that are left
   */
  async tidied(stands: (id: string) => boolean, known: Orphans, now: number): Promise<Orphans> {
    const left: Record<string, number> = {};
    for (const id of await this.pictures.keys().catch(() => [])) {
      if (stands(id)) continue;
      const since = known[id] ?? now;
      if (now - since <= keptFor) left[id] = since;
      else await this.pictures.remove(id).catch(this.failed);
    }
    return left;
  }

  /** Takes every picture off this device. */
  async erase(): Promise<void> {
    for (const id of await this.pictures.keys().catch(() => []))
      await this.pictures.remove(id).catch(this.failed);
  }

  private async takeOut(ids: readonly string[]): Promise<void> {
    for (const id of ids) if (!this.belongs(id)) await this.pictures.remove(id).catch(() => undefined);
  }
}
