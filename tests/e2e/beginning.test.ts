import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { violationsOf } from './access/screens'
import { App, By, Key } from './app'

/** An index of a whole collection may take a while beside other browsers. */
const LONG = 45_000

describe('a palette begins with its purpose', () => {
  let app: App
  beforeAll(async () => {
    // what the collection mixes waits to be asked for: whoever asks for palettes asks for it
    app = await App.open('/palettes')
  })
  afterAll(async () => {
    expect(await app.complaints()).toEqual([])
    await app.close()
  })

  it('its purpose and wishes come first; what is typed is what it is judged for; without a word it is refused', async () => {
    await app.click('Make a palette')
    await app.click('Propose three palettes')
    await app.happens(`document.querySelector('[role=dialog] input[aria-invalid=true]')`, 'the name to be asked for')
    await app.type('What it is for', 'sea and sky')
    await app.says('Judge it for sea and sky')
    await app.click('no white')
    await app.click('lasting')
    await (await app.find('[role=dialog] fieldset label:last-of-type input')).click()
    await app.click('Make the palette')
    await app.says('For sea and sky; no white; lightfastness very good at least (a must).')
    // without a name of its own it is called after what it is for
    expect(await app.text('h1')).toContain('Sea and sky')
    await app.says('12 of 12 places left')
    await app.click('Undo')
  })

  it('three palettes side by side, each with what speaks for it; one is taken, and undone in one step', async () => {
    await app.visit('/palettes?new=1')
    await app.type('What it is for', 'sea and sky')
    await app.type('Name', 'Autumn tin')
    await app.press(Key.ENTER)
    const starts = () => app.driver.findElements(By.xpath(`//button[starts-with(@aria-label, 'Start from this one')]`))
    await app.until(async () => (await starts()).length === 3, 'three proposals', LONG)
    for (const title of ['Mixes the most', 'Handles best on paper', 'What you reach for']) await app.says(title)
    expect(await app.text('[aria-label="What speaks for it"]')).toMatch(/Mixes .+ you want\./)
    // what each reaches alone stands on one map, and in words
    await app.says('What only one of them mixes')
    expect(await app.text('section[aria-labelledby="together-title"]')).toMatch(/A Mixes the most: (more|nothing)/)
    expect(await violationsOf(app, 'three proposals')).toEqual([])
    // by keyboard
    await (await starts())[1]!.sendKeys(Key.ENTER)
    await app.says('0 of 12 places left')
    await app.says('Mixes', LONG)
    await app.click('Undo')
    await app.says('12 of 12 places left')
  })

  it('whoever would rather go paint by paint, or with a method, is not held up', async () => {
    await app.click('Show three palettes')
    await app.click('Use a method instead')
    await app.says('Choose with a method')
    await app.click('Show three palettes')
    await app.click('Choose paint by paint instead')
    await app.says('12 of 12 places left')
  })

  it('counts paints of a kind: wished for, said where it is missed, a must, and taken away', async () => {
    await app.visit('/palettes/landing-tin')
    await app.click('Change what it is for')
    await app.click('Add a wish or a paint')
    await app.set('How many', '70')
    expect(await (await app.named('Say how many, and of what')).isEnabled()).toBe(false)
    await app.set('How many', '9')
    await app.click('Wish for at least 9 transparent yellows')
    await app.says('You wished for at least 9 transparent yellows; there')
    await app.click('How many: at least 9 transparent yellows. Change it')
    await (await app.find('[aria-label="How many"] input[type=checkbox]')).click()
    await app.says('at least 9 transparent yellows (a must)')
    await app.says('You ask for at least 9 transparent yellows, and own')
    await app.press(Key.ESCAPE)
    await app.click('Do without it')
    await app.happens(`!document.body.innerText.includes('9 transparent yellows')`, 'the wish to be gone')
  })

  it('the chosen place lies below the tray; its mixtures go to the bench', async () => {
    await app.go('/palettes/landing-tin/choose?place=A5')
    await app.says('Half and half with the others')
    const tray = await app.text('section[aria-label="Tray"]')
    expect(tray).toContain('French ultramarine')
    await app.says('Here it is the only granulating blue.', LONG)
    await app.driver.executeScript(`document.querySelector('[aria-label^="Mixed with Burnt sienna"]').click()`)
    await app.says('French ultramarine')
    expect(await app.driver.getCurrentUrl()).toContain('/bench')
  })
})

const TIN = '/palettes/landing-tin/choose'

describe('the verdict on a phone, by touch', () => {
  let app: App
  beforeAll(async () => {
    app = await App.open(TIN, { width: 390, height: 844, touch: true, reckons: true })
  })
  afterAll(async () => {
    expect(await app.complaints()).toEqual([])
    await app.close()
  })

  it('a lens is a tap away, and of two palettes one is seen at a time, swiped, the map shared', async () => {
    const tap = async (element: Awaited<ReturnType<typeof app.named>>) => {
      await app.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', element)
      await app.touch('touchStart', element)
      await app.touch('touchEnd')
    }
    await tap(await app.named('Staining'))
    await app.until(async () => (await app.placeSays('A6')).includes('stains strongly'), 'the lens')
    await app.go('/palettes/beside?one=landing-tin&other=hut-palette')
    await app.says('Only here')
    await app.until(
      async () => /The darkest\s+a .+ grey|near black/.test(await app.text('[aria-label="Both compared"]')),
      'both',
      LONG,
    )
    await app.says('What only one of them mixes', LONG)
    await app.says('in both')
    const seen = () =>
      app.driver.executeScript<string>(
        `return [...document.querySelectorAll('.pair > section')].filter((s) => { const r = s.getBoundingClientRect(); return r.left >= 0 && r.right <= innerWidth }).map((s) => s.ariaLabel).join()`,
      )
    expect(await seen()).toBe('The one')
    await tap(await app.find('[aria-label="Which of them is shown"] button:last-child'))
    await app.until(async () => (await seen()) === 'The other', 'the other palette')
    const wide = await app.driver.executeScript('return document.documentElement.scrollWidth <= innerWidth')
    expect(wide).toBe(true)
  })
})
