// Helped for today, the part tomorrow, and the second visit. The trap of its kind: a fan freed with oil that is taken to be mended.
import { expect, test } from '../app'

test.describe('with a counter that answers', () => {
  test.use({ demo: true })

  test('other work with its caution, a part from the counter, home that waits, and a second visit that goes on', async ({
    app,
  }) => {
    await app.getByTestId('start').click()
    await app.getByTestId('choose-unit').click()
    await app.getByTestId('stage-card').click()
    await app.getByTestId('to-visit').click()
    await expect(app.getByTestId('visit-state')).toHaveText('Open: nothing here is at its end yet.')
    await expect(app.getByTestId('visit-end')).toBeDisabled()

    await app.getByTestId('work-freed').click()
    await expect(app.getByTestId('caution-freed')).toHaveText(
      'A bearing that seized seizes again, and the motor runs hot: for today only.',
    )
    await app.getByTestId('work-text').fill('Panel screw replaced')
    await app.getByTestId('work-add').click()

    await app.getByTestId('ask-counter').click()
    await app.getByTestId('counter-ask').click()
    await app.getByTestId('counter-order').first().click()
    const what = await app.getByTestId('order-what').inputValue()
    const from = await app.getByTestId('order-from').inputValue()
    expect([what.length > 0, from.length > 0]).toEqual([true, true])
    await app.getByTestId('order-due').getByRole('radio', { name: 'another day' }).click()
    await app.getByTestId('order-due-typed').fill('14 July')
    await app.getByTestId('order-add').click()
    await expect(app.getByTestId('order-due-typed-problem')).toHaveText('A day is written like 2026-07-14.')
    await app.getByTestId('order-due-typed').fill('2030-02-30')
    await app.getByTestId('order-add').click()
    await expect(app.getByTestId('order-due-typed-problem')).toHaveText(
      'There is no such day in the calendar.',
    )
    await app.getByTestId('order-due-typed').fill('2030-07-14')
    await app.getByTestId('order-add').click()
    const waiting = `Waiting for ${what} from ${from}, for 14 Jul 2030`
    await expect(app.getByTestId('visit-state')).toHaveText(waiting)

    // The same part once more is refused beside its field, and nothing is kept.
    await app.getByTestId('order-part').click()
    await app.getByTestId('order-what').fill(what.toUpperCase())
    await app.getByTestId('order-add').click()
    await expect(app.getByTestId('order-what-problem')).toContainText(
      `“${what}” is on order already, from ${from}.`,
    )
    await app.keyboard.press('Escape')
    await expect(app.getByTestId('ordered-part')).toHaveCount(1)

    await app.getByTestId('come-back-set').click()
    await app.getByTestId('come-back-keep').click()
    await expect(app.getByTestId('come-back-why-problem')).toHaveText('What to come back for is empty.')
    await app.getByTestId('come-back-why').fill('fit the motor')
    await app.getByTestId('come-back-keep').click()
    await expect(app.getByTestId('come-back-words')).toContainText(': fit the motor')

    // In the report, for the owner.
    await app.getByTestId('visit-report').click()
    await expect(app.getByTestId('report-done')).toContainText(
      'This helps for today; the cause is still there.',
    )
    await expect(app.getByTestId('report-parts')).toContainText(`On order: ${what}, for 14 Jul 2030`)
    await expect(app.getByTestId('report-recommended')).toContainText('We come back.')
    await app.getByTestId('to-home').click()
    await expect(app.getByText(waiting)).toBeVisible()

    // The part came: still to come back. The second visit goes on where the first stopped.
    await app.getByText(waiting).click()
    await app.getByTestId('stage-card').click()
    await app.getByTestId('to-visit').click()
    await app.getByTestId('ordered-part').click()
    await expect(app.getByTestId('visit-state')).toContainText('To come back.')
    await app.getByTestId('next-visit').click()
    await expect(app.getByTestId('wires-next')).toBeVisible()
    await app.getByTestId('stage-card').click()
    await app.getByTestId('to-report').click()
    await expect(app.getByTestId('report-done')).toContainText(/Visit 2, .*: fit the motor\./)
  })
})

test('a visit that ends without a proof ends as that; put away it begins no other one; another unit takes the place along', async ({
  app,
}) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('stage-card').click()
  await app.getByTestId('to-visit').click()
  await app.getByTestId('work-contactor').click()
  await app.getByTestId('visit-end').click()
  await expect(app.getByTestId('visit-state')).toHaveText('Ended: Contactor replaced')
  await expect(app.getByTestId('visit-reopen')).toBeVisible()
  await app.getByTestId('to-home').click()
  await expect(app.getByText('Ended: Contactor replaced')).toBeVisible()
  await app.getByRole('button', { name: /^Name .*, or put it away$/ }).click()
  await app.getByTestId('job-site').fill('Quay 4')
  await app.getByTestId('put-away').click()
  await app.getByTestId('home-state').getByRole('radio', { name: 'put away' }).click()
  await app.getByRole('button', { name: /^Name .*, or put it away$/ }).click()
  await app.getByTestId('to-visit').click()
  await expect(app.getByTestId('visit-problem')).toHaveText(
    'This job was put away: bring it back to the list first.',
  )
  await expect(app.getByTestId('next-visit')).toHaveCount(0)
  await app.getByTestId('other-unit').click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('to-home').click()
  await expect(app.getByText('Quay 4')).toBeVisible()
})
