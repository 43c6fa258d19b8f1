import type { Database } from '../db';

/** Pages kept at once; a register is leafed through, not read whole. */
const MOST_PAGES = 200;

/**
 * Keeps pages of a list until the next write: leafing and searching by many phones must not ask the database the same
 * again and again. One process writes, so its own count of writes says when a page is out of date.
 */
export class PageCache<T> {
  private readonly pages = new Map<string, T>();
  private at = -1;

  constructor(private readonly database: Database) {}

  async get(key: string, read: () => Promise<T>): Promise<T> {
    const writes = this.database.writes();
    if (writes !== this.at) {
      this.pages.clear();
      this.at = writes;
    }
    const kept = this.pages.get(key);
    if (kept !== undefined) return kept;
    const page = await read();
    if (this.database.writes() === writes && this.pages.size < MOST_PAGES) this.pages.set(key, page);
    return page;
  }
}
