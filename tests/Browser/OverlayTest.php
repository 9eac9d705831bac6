<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;

/** Temperatures and heat flow over the section, under the hand. */
final class OverlayTest extends BrowserTestCase
{
    /** Edits whose answer is timed. */
    private const EDITS = 12;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->openBench('Dyke Lane boathouse');
    }

    public function test_temperatures_of_any_day_are_drawn_and_read_out(): void
    {
        self::assertFalse($this->isShown('.overlay-read'));
        $this->lay('temperature');
        $this->awaitThat(fn (): bool => $this->howMany('.overlay .isotherm') > 5, 'isotherms, once there is a field');
        self::assertSame(1, $this->howMany('.overlay .isotherm.frost'));
        self::assertContains('32°', $this->labels());
        $this->assertAccessible();

        // The ground outside is frozen in January and warm in August, the room's floor hardly moves.
        $this->day(20);
        self::assertSame('21 Jan', $this->text('.overlay-date'));
        $winter = [$this->readAt('below the ground line'), $this->readAt('in the slab')];
        $this->day(221);
        self::assertSame('10 Aug', $this->text('.overlay-date'));
        $summer = [$this->readAt('below the ground line'), $this->readAt('in the slab')];
        self::assertLessThan(32.0, $winter[0]);
        self::assertGreaterThan(55.0, $summer[0]);
        self::assertEqualsWithDelta($winter[1], $summer[1], 6.0);
        self::assertSame(0, $this->howMany('.overlay .isotherm.frost[d^=M]'), 'no frost in August');

        // Another unit, the same day.
        $this->click('#units [data-other]');
        $this->awaitThat(fn (): bool => str_contains($this->text('.overlay-read'), ' W out'), 'metric');
        self::assertSame('10 Aug', $this->text('.overlay-date'), 'what was chosen is kept');
        $this->click('#units [data-other]');
        $this->awaitThat(fn (): bool => str_contains($this->text('.overlay-read'), 'Btu'), 'back');
    }

    public function test_a_narrow_floors_lines_are_labelled_at_its_middle(): void
    {
        $this->openBench('Ferry kiosk');
        $this->clickLinkWith('Whole section');
        $this->lay('temperature');
        $this->awaitThat(fn (): bool => $this->seen('.overlay .middle'), 'the middle of the floor');
        $middle = (float) $this->browser->executeScript('return document.querySelector(".overlay .middle").getBBox().x');
        $left = (array) $this->browser->executeScript(
            'return [...document.querySelectorAll(".overlay .isotherm-label[text-anchor=start]")].map((t) => Number(t.getAttribute("x")))',
        );
        self::assertNotSame([], $left);
        foreach ($left as $x) {
            self::assertGreaterThan($middle, $x);
        }
    }

    public function test_keys_turn_it_and_the_year_plays(): void
    {
        $this->browser->executeScript('document.activeElement.blur()');
        $this->press('o');
        self::assertSame('levels', $this->kind());
        self::assertTrue($this->seen('.section-drawing.shows-levels'));
        $this->press('o');
        self::assertSame('water', $this->kind());
        $this->press('o');
        self::assertSame('temperature', $this->kind());
        $this->press('o');
        self::assertSame('flow', $this->kind());
        $this->awaitThat(fn (): bool => str_contains($this->text('.overlay-read'), 'longest needle'), 'the field comes');
        self::assertNotSame('', $this->attribute('.overlay .needle', 'd'));
        $this->day(20);
        $this->browser->executeScript('document.activeElement.blur()');
        $this->press('.');
        self::assertSame('15 Feb', $this->text('.overlay-date'));
        $this->press(',', ',');
        self::assertStringEndsWith('Dec', $this->text('.overlay-date'));
        $date = $this->text('.overlay-date');
        $this->click('.overlay-play');
        $this->awaitThat(fn (): bool => $this->text('.overlay-date') !== $date, 'the year moves on');
        $this->click('.overlay-play');
        $date = $this->text('.overlay-date');
        $this->browser->executeAsyncScript('const done = arguments[0]; requestAnimationFrame(() => requestAnimationFrame(() => done()))');
        self::assertSame($date, $this->text('.overlay-date'), 'and stops');
        $this->press('o');
        self::assertSame('vapour', $this->kind());
        self::assertTrue($this->seen('.overlay .vapour-full'));
        $this->press('o');
        self::assertSame('frost', $this->kind());
        $this->press('o');
        self::assertSame('parts', $this->kind());
        self::assertSame(0, $this->howMany('.overlay *'));
    }

    public function test_an_edit_is_answered_with_its_field_and_the_time_is_logged(): void
    {
        $this->lay('temperature');
        $this->awaitThat(fn (): bool => $this->howMany('[data-pending], [data-rough]') === 0, 'the fine field');
        $cells = (int) $this->browser->executeScript('return JSON.parse(document.getElementById("field-sheet").textContent).cells');
        self::assertGreaterThanOrEqual(8000, $cells);
        $first = $field = [];
        for ($i = 0; $i < self::EDITS; $i++) {
            $before = [$this->text('#u-field'), $this->drawn()];
            [$first[], $field[]] = array_map(floatval(...), (array) $this->browser->executeAsyncScript(<<<'JS'
                const done = arguments[arguments.length - 1];
                const field = document.getElementById('design-field_board-thickness_m');
                const start = performance.now();
                let first = null;
                const told = () => setTimeout(() => requestAnimationFrame(() => done([first, performance.now() - start])));
                const watch = new MutationObserver(() => {
                    const pending = document.getElementById('u-field').textContent === '…';
                    if (pending && first === null) {
                        first = performance.now() - start;
                    } else if (!pending && first !== null) {
                        watch.disconnect();
                        told();
                    }
                });
                watch.observe(document.querySelector('#bench-side'), { childList: true, subtree: true });
                field.value = arguments[0];
                field.dispatchEvent(new Event('change', { bubbles: true }));
                JS, [(2 + 0.5 * ($i % 5)).' in']));
            $this->awaitSaved();
            if ($i > 0) {
                self::assertNotSame($before, [$this->text('#u-field'), $this->drawn()]);
            }
        }
        // Out of sight nothing was laid out meanwhile; once the hand rests the page does not grow under a scroll.
        $this->awaitThat(fn (): bool => ! $this->seen('.bench.is-editing'), 'the hand rests');
        $top = 'document.getElementById("bench-notes").scrollIntoView();
            requestAnimationFrame(() => requestAnimationFrame(() =>
                arguments[0](document.getElementById("bench-notes").getBoundingClientRect().top)))';
        self::assertEqualsWithDelta(0.0, $this->browser->executeAsyncScript($top), 1.0);
        sort($first);
        sort($field);
        $at = static fn (array $of, float $share): float => $of[max(0, (int) ceil($share * self::EDITS) - 1)];
        // Measured, not judged: this machine's mood is not the product's. bin/bench and docs/methods.md have the budget.
        fwrite(
            STDERR,
            sprintf(
                "\nedit with %d cells, in the browser: first answer median %.0f ms, 95th percentile %.0f ms; the field's figures %.0f and %.0f ms\n",
                $cells, $at($first, 0.5), $at($first, 0.95), $at($field, 0.5), $at($field, 0.95),
            ),
        );
    }

    private function lay(string $kind): void
    {
        $this->browser->executeScript('document.querySelector(`input[name=overlay][value=${arguments[0]}]`).click()', [$kind]);
        $this->awaitThat(fn (): bool => $this->kind() === $kind, $kind);
    }

    private function kind(): string
    {
        return (string) $this->browser->executeScript('return document.querySelector("input[name=overlay]:checked").value');
    }

    private function day(int $day): void
    {
        $this->browser->executeScript(
            'const s = document.querySelector(".overlay-year input"); s.value = arguments[0]; s.dispatchEvent(new Event("input", { '
                .'bubbles: true }));',
            [$day],
        );
    }

    private function howMany(string $css): int
    {
        return (int) $this->browser->executeScript('return document.querySelectorAll(arguments[0]).length', [$css]);
    }

    private function drawn(): string
    {
        return (string) $this->browser->executeScript(
            'return [...document.querySelectorAll(".overlay .isotherm")].map((p) => p.getAttribute("d")).join()',
        );
    }

    /** @return array<mixed> */
    private function labels(): array
    {
        return (array) $this->browser->executeScript('return [...document.querySelectorAll(".overlay text")].map((t) => t.textContent)');
    }

    /** What is read out with the pointer there, degrees. */
    private function readAt(string $place): float
    {
        /** @var array{int, int} $from the middle of the drawing */
        $from = $this->browser->executeScript(<<<'JS'
            const sheet = document.getElementById('bench-drawing').getBoundingClientRect();
            const seen = document.querySelector('#bench-drawing .section-drawing').getBoundingClientRect();
            const at = (css) => document.querySelector(`#bench-drawing .section-drawing ${css}`).getBoundingClientRect();
            // The ground line lies at the foot of its path, whose mark stands on it.
            const [x, y] = arguments[0] === 'in the slab'
                ? [sheet.left + 30, at('.area[data-part=slab]').top + 10]
                : [sheet.right - 60, at('path.datum').bottom + 12];
            return [Math.round(x - seen.left - seen.width / 2), Math.round(y - seen.top - seen.height / 2)];
            JS, [$place]);
        (new WebDriverActions($this->browser))->moveToElement($this->find('#bench-drawing .section-drawing'), ...$from)->perform();
        $this->awaitThat(fn (): bool => str_contains($this->text('.overlay-read'), 'here'), 'a reading');

        return (float) preg_replace('/^.*?(-?[\d.]+) °F here.*$/s', '$1', $this->text('.overlay-read'));
    }
}
