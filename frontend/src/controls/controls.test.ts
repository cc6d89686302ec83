import { VueQueryPlugin } from '@tanstack/vue-query'
import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { useSettings } from '@/composables/useSettings'
import MeasureField from './MeasureField.vue'
import WordField from './WordField.vue'

const global = { plugins: [VueQueryPlugin] }
let units: ReturnType<typeof useSettings>['units']
beforeEach(() => {
  mount({ template: '<i />', setup: () => void ({ units } = useSettings()) }, { global })
  units.value = 'metric'
})

describe('a measure field', () => {
  const field = (kind: 'length' | 'diameter', modelValue: number | null) =>
    mount(MeasureField, { props: { label: 'Height', kind, modelValue }, global })
  it('takes what people type and hands on metres or millimetres', async () => {
    const length = field('length', null)
    await length.find('input').setValue("7'6")
    expect(length.emitted('update:modelValue')!.at(-1)![0]).toBeCloseTo(2.286)
    const diameter = field('diameter', null)
    await diameter.find('input').setValue('3/4"')
    expect(diameter.emitted('update:modelValue')!.at(-1)![0]).toBeCloseTo(19.05)
  })
  it('keeps what cannot be read and says so at the field', async () => {
    const wrapper = field('length', 2)
    await wrapper.find('input').trigger('focus')
    await wrapper.find('input').setValue('tallish')
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([null])
    await wrapper.find('input').trigger('blur')
    expect(wrapper.find('input').element.value).toBe('tallish')
    expect(wrapper.find('input').attributes('aria-invalid')).toBe('true')
    expect(wrapper.text()).toContain('Cannot read this')
  })
  it('follows the units and the value, but not while someone types', async () => {
    const wrapper = field('length', 2.286)
    expect(wrapper.find('input').element.value).toBe('2.29 m')
    units.value = 'us'
    await nextTick()
    expect(wrapper.find('input').element.value).toBe('7\'6"')
    await wrapper.find('input').trigger('focus')
    await wrapper.find('input').setValue('8')
    await wrapper.setProps({ modelValue: 1 })
    expect(wrapper.find('input').element.value).toBe('8')
    await wrapper.find('input').trigger('blur')
    expect(wrapper.find('input').element.value).toBe('8\'0"')
  })
  it('shows what the server found wrong', () => {
    const wrapper = mount(MeasureField, {
      props: { label: 'Height', kind: 'length', modelValue: 90, wrong: 'must be at most 30' },
      global,
    })
    expect(wrapper.text()).toContain('must be at most 30')
  })
})

describe('a direction or slope in words', () => {
  it('reads the clock from where one stands', async () => {
    const wrapper = mount(WordField, {
      props: { label: 'Direction', kind: 'direction', modelValue: null, standing: 90 },
      global,
    })
    await wrapper.find('input').setValue("3 o'clock")
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([0])
    await wrapper
      .findAll('button')
      .find((b) => b.text() === 'SW')!
      .trigger('click')
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([225])
  })
  it('knows steep from flat', async () => {
    const wrapper = mount(WordField, {
      props: { label: 'Slope', kind: 'slope', modelValue: 60 },
      global,
    })
    expect(wrapper.find('input').element.value).toBe('steep')
    await wrapper.find('input').setValue('wobbly')
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([null])
    expect(wrapper.text()).toContain('Cannot read this')
  })
})
