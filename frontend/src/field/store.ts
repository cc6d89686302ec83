/**
 * What is kept on this device, on any origin: walks taken along, rows, and what waits to be sent.
 */
import { newId } from '@/api/ids'
import type { components } from '@/api/types'
import { openDB, type DBSchema, type IDBPDatabase } from 'idb'

type Schemas = components['schemas']
export type Walk = Schemas['WalkOut'] & { shoot?: Schemas['QuestionOut'][] }
export interface KeptWalk {
  tree: string
  walk: Walk
  /** When it came from Billhook, by this device's clock. */
  at: number
}
export interface Item {
  seq?: number
  /** Names this write, so that it is written once however often it is sent. */
  act: string
  /** Names the device it was made on. */
  device: string
  /** Names the thing for the grower: "an answer on Baixo 3·3". */
  says: string
  tree: string
  method: 'POST' | 'PUT'
  path: string
  body: unknown
  blob?: Blob
  /** Id of the holding it was entered for; empty where none was open yet. */
  home?: string
  /** Id of the account it was entered by; empty where nobody signs in. */
  account?: string
  /** Why Billhook would not take it; such an item is shown until it is mended or dropped. */
  refused?: string
  /** What of it was wrong, field by field. */
  wrong?: { pointer: string; field?: string; message: string }[]
  /** In which language it was entered, and is told what is wrong with it. */
  language?: string
  /** In which units, likewise. */
  units?: string
  /**
   * What went wrong on Billhook's side; such an item is set aside, shown, and sent again when asked
   * or at the next start.
   */
  failed?: string
}
interface Kept extends DBSchema {
  walks: { key: string; value: KeptWalk }
  rows: { key: string; value: Schemas['RowWalkOut'] }
  sheets: { key: string; value: Schemas['SheetOut'] }
  hurt: { key: string; value: { tree: string; frost: Schemas['TreeFrostOut'] } }
  outbox: { key: number; value: Item; indexes: { tree: string } }
}

let opened: Promise<IDBPDatabase<Kept>> | null = null
/** The database of this device. */
function device(): Promise<IDBPDatabase<Kept>> {
  opened ??= openDB<Kept>('billhook-field', 3, {
    async upgrade(db, before, _now, all) {
      if (before < 1) {
        db.createObjectStore('walks', { keyPath: 'tree' })
        db.createObjectStore('rows', { keyPath: 'row_id' })
        db.createObjectStore('outbox', { keyPath: 'seq', autoIncrement: true }).createIndex(
          'tree',
          'tree',
        )
      }
      if (before < 2) db.createObjectStore('sheets', { keyPath: 'id' })
      if (before < 3) db.createObjectStore('hurt', { keyPath: 'tree' })
      if (before === 1 || before === 2)
        // entries of before had no names of their own
        for (const item of await all.objectStore('outbox').getAll())
          await all
            .objectStore('outbox')
            .put({ ...item, act: (item.body as { id?: string } | null)?.id ?? newId(), device: '' })
    },
    // another window with newer pages, or the browser, wants it: let go, and open it again when it
    // is needed
    blocking(_now, _wanted, event) {
      ;(event.target as IDBDatabase).close()
      opened = null
    },
    terminated() {
      opened = null
    },
  })
  return opened
}

/**
 * Does something with this device's database; once more where the browser was just closing it, as it
 * does when another window brings newer pages.
 */
export async function onDevice<T>(run: (db: IDBPDatabase<Kept>) => Promise<T>): Promise<T> {
  try {
    return await run(await device())
  } catch (error) {
    if (!(error instanceof DOMException) || error.name !== 'InvalidStateError') throw error
    opened = null
    return run(await device())
  }
}

/** Lets go of what somebody else took along; what waits to be sent stays theirs. */
export const forgetTaken = () =>
  onDevice(async (db) => {
    for (const of of ['walks', 'rows', 'sheets', 'hurt'] as const) await db.clear(of)
  })
/**
 * Keeps a walk as it stands; what came from Billhook also sets the clock that days are reckoned
 * from.
 */
export const keepWalk = (walk: Walk, fromBillhook: boolean): Promise<void> =>
  onDevice(async (db) => {
    const before = await db.get('walks', walk.tree_id)
    const shoot = walk.shoot ?? before?.walk.shoot
    await db.put('walks', {
      tree: walk.tree_id,
      walk: plain({ ...walk, ...(shoot ? { shoot } : {}) }),
      at: fromBillhook || !before ? Date.now() : before.at,
    })
  })
/** What the browser's database is given must be plain. */
const plain = <T>(value: T) => JSON.parse(JSON.stringify(value)) as T

export const keptWalk = (tree: string) => onDevice((db) => db.get('walks', tree))
export const keepRow = async (row: Schemas['RowWalkOut']) =>
  void (await onDevice((db) => db.put('rows', plain(row))))
export const keptRow = (id: string) => onDevice((db) => db.get('rows', id))
export const keepSheet = async (sheet: Schemas['SheetOut']) =>
  void (await onDevice((db) => db.put('sheets', plain(sheet))))
export const keptSheet = (id: string) => onDevice((db) => db.get('sheets', id))
export const keepHurt = async (tree: string, frost: Schemas['TreeFrostOut']) =>
  void (await onDevice((db) => db.put('hurt', { tree, frost: plain(frost) })))
export const keptHurt = async (tree: string) =>
  (await onDevice((db) => db.get('hurt', tree)))?.frost
