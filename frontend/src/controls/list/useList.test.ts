import type { GroveTree } from '@/api/client'
import { beforeEach, describe, expect, it } from 'vitest'
import { treeColumns } from '../trees/columns'
import { useList } from './useList'

const tree = (name: string, kind_name: string, height_m: number | null): GroveTree =>
  ({
    ...{ id: name, name, kind_name, height_m, planted_year: 2015, spread_m: null, pot_l: null },
    ...{ need: 'Tips, to 8 %', tone: 'go', measured: false },
  }) as unknown as GroveTree
const trees = [
  tree('Baixo 10', 'Keitt mango', 3),
  tree('Baixo 2', 'Kensington "KP" mango', null),
  tree('Alto 1', 'Hass avocado', 4.5),
]
const list = () =>
  useList<GroveTree>({
    ...{ name: 'tree', columns: treeColumns(() => 'metric'), rows: () => trees },
  })
beforeEach(() => localStorage.clear())

describe('a list of trees', () => {
  it('sorts names as people count, and back to the walk by a third tap', () => {
    const { shown, sort, order } = list()
    const names = () => shown.value.map((t) => t.name)
    sort('tree')
    expect([names(), order('tree')]).toEqual([['Alto 1', 'Baixo 2', 'Baixo 10'], 'ascending'])
    sort('tree')
    expect(names()).toEqual(['Baixo 10', 'Baixo 2', 'Alto 1'])
    sort('tree')
    expect(names()).toEqual(trees.map((t) => t.name))
    sort('tall')
    expect(names()[0]).toBe('Baixo 2') // nobody measured it
  })
  it('keeps a view, shows it again, and what is changed after stays out of it', () => {
    const { now, columns, column, keep, show, views, forget } = list()
    now.value.only = 'mango'
    column('pot', true)
    column('tree', false) // always there
    keep('Mangos')
    now.value.only = ''
    column('pot', false)
    expect(columns.value.map((c) => c.id)).not.toContain('pot')
    show(views.value[0]!)
    expect(now.value.only).toBe('mango')
    expect(columns.value.map((c) => c.id)).toEqual(
      expect.arrayContaining(['tree', 'pot']) as string[],
    )
    forget('Mangos')
    expect(views.value).toEqual([])
  })
  it('chooses only what is shown, and gives that alone as CSV', () => {
    const { now, shown, chosen, choose, all, csv } = list()
    choose(trees, true)
    expect(all.value).toBe(true)
    now.value.only = 'mango'
    expect(chosen.value.map((t) => t.name)).toEqual(['Baixo 10', 'Baixo 2'])
    choose([shown.value[0]!], false)
    expect(csv().trimEnd().split('\r\n')).toHaveLength(2)
    expect(csv()).toContain('Baixo 2')
  })
  it('gives exactly what is shown as CSV, with its commas and quotes', () => {
    const { now, csv } = list()
    now.value.only = 'kensington'
    expect(csv()).toBe(
      'Tree,Kind,Planted,Tall,Needs next\r\n' +
        'Baixo 2,"Kensington ""KP"" mango",2015,,"Tips, to 8 %"\r\n',
    )
  })
})
