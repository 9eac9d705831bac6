<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Ondergrond\Design\Families\Families;

/** Every family from the demo: opened, changed on the bench, solved, drawn anew, exported. */
final class FamiliesTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /** @return iterable<string, array{string, string, string, string, string}> project, option, field, what is typed, what it reads then */
    public static function edits(): iterable
    {
        yield 'thickened-edge-slab' => ['Ferry kiosk', '', 'edge_beam-width_m', '450', '450 mm'];
        yield 'frost-protected-raft' => ['Polder mill store', '', 'wing-width_m', '1000 mm', '1000 mm'];
        yield 'stem-wall-slab' => ['Pump-house workshop', '', 'footing-depth_below_grade_m', '4 ft 6 in', '54 in'];
        yield 'insulated-screed-floor' => ['Weigh-house counter room', '', 'board_above-thickness_m', '100', '100 mm'];
        yield 'heated-basement' => ['Music school with practice basement', '', 'edge_outside-thickness_m', '120', '120 mm'];
        yield 'existing-basement' => ['Old bakery cellar', 'B · wool', 'lining-layers-1-thickness_m', '100', '100 mm'];
        yield 'conditioned-crawlspace' => ['Signal-box house', '', 'perimeter_board-width_m', '3 ft', '36 in'];
        yield 'vented-crawlspace' => ['Signal-box house', 'B · vented crawlspace', 'deck-layers-1-thickness_m', '11 1/4 in', '11 1/4 in'];
        yield 'unheated-basement' => ['Signal-box house', 'C · cold cellar', 'stem-thickness_m', '12 in', '12 in'];
        yield 'heat-storing-slab' => ['Orchard glasshouse floor', '', 'field_board-thickness_m', '250', '250 mm'];
        yield 'unheated-neighbour' => ['Rope-walk house with garage', '', 'neighbour-thickness_m', '50', '50 mm'];
    }

    /** One after the other, signed in once. */
    public function test_every_family_is_opened_changed_solved_and_exported(): void
    {
        $families = [];
        foreach (self::edits() as $family => $edit) {
            $this->changed(...$edit);
            $families[] = $family;
        }
        self::assertSame(array_keys(Families::all()), $families, 'none is left out');
    }

    private function changed(string $project, string $option, string $size, string $typed, string $reads): void
    {
        $this->openBench($project);
        if ($option !== '') {
            $this->clickLinkWith($option);
            $this->awaitThat(fn (): bool => str_contains($this->text('#bench-options [aria-current]'), $option), 'the option');
        }
        // A neighbour's break stands in its own section alone.
        if ($this->pressSide('Unheated neighbour')) {
            $this->awaitThat(
                fn (): bool => str_contains($this->text('.bench-sides [aria-current]'), 'Unheated neighbour'),
                'the other side',
            );
        }
        $this->awaitField();
        [$drawing, $field] = [$this->drawing(), $this->fieldSheet()];
        $this->type("#design-{$size}", $typed);
        $this->awaitThat(fn (): bool => $this->drawing() !== $drawing, 'the drawing follows');
        $this->awaitThat(fn (): bool => ! in_array($this->fieldSheet(), ['null', $field], true), 'the field follows');
        $this->awaitSaved();
        self::assertSame($reads, $this->value("#design-{$size}"));
        $this->browser->executeScript('document.querySelector(".overlay-kinds [value=temperature]").click()');
        self::assertNotSame([], $this->browser->findElements(WebDriverBy::cssSelector('.overlay .isotherm')), 'isotherms lie over it');
        // The other files of each family are checked where they are written; the last takes as long as a page.
        foreach (['Drawing, SVG', ...($project === 'Ferry kiosk' ? ['Drawing, DXF', 'Assessment, JSON'] : [])] as $file) {
            $link = $this->browser->findElement(WebDriverBy::xpath("//a[normalize-space() = '{$file}']"));
            $answer = (array) $this->browser->executeAsyncScript(
                'const done = arguments[1]; fetch(arguments[0]).then(async (r) => done([r.status, (await r.text()).length]))',
                [$link->getAttribute('href')],
            );
            self::assertSame(200, $answer[0], $file);
            self::assertGreaterThan(500, $answer[1]);
        }
    }

    /** Found and pressed in one go: the answer to an earlier press may replace the list in between. */
    private function pressSide(string $name): bool
    {
        return (bool) $this->browser->executeScript(
            'const side = [...document.querySelectorAll(".bench-sides a")].find((a) => a.textContent.includes(arguments[0])); if '
                .'(side) side.click(); return Boolean(side)',
            [$name],
        );
    }

    public function test_a_school_is_followed_and_taken_back(): void
    {
        $this->openBench('Music school with practice basement');
        $this->browser->executeScript('document.querySelector("#log-schools").open = true');
        $this->click('[value="school:wall-side:inside"]');
        $this->awaitThat(fn (): bool => $this->seen('[value="school:wall-side:inside"][aria-pressed="true"]'), 'inside');
        $this->awaitThat(fn (): bool => $this->seen('#bench-drawing .area[data-part="lining"]'), 'the lining is drawn');
        self::assertFalse($this->seen('#bench-drawing .area[data-part="edge_outside"]'));
        self::assertTrue($this->seen('#log-schools[open]'), 'what was unfolded stays so');
        $this->click('#undo');
        $this->awaitThat(fn (): bool => $this->seen('#bench-drawing .area[data-part="edge_outside"]'), 'taken back');
    }

    public function test_soft_board_under_a_post_is_a_stop_and_its_remedy_draws_the_boundary(): void
    {
        $this->openBench('Pump-house workshop');
        $this->clickLinkWith('D · crane');
        $this->awaitThat(fn (): bool => str_contains($this->text('#bench-options [aria-current]'), 'crane'), 'the option');
        self::assertTrue($this->seen('#bench-drawing .boundary[data-part="supports"]'));
        $this->browser->executeScript('const foot = document.querySelector("#design-supports-posts-0-foot");
            foot.value = "slab"; foot.dispatchEvent(new Event("change", { bubbles: true }));');
        $this->awaitThat(fn (): bool => $this->seen('[value="remedy:support-carried"]'), 'a stop with a remedy');
        self::assertFalse($this->seen('#bench-drawing .boundary[data-part="supports"]'));
        $this->click('[value="remedy:support-carried"]');
        $this->awaitThat(fn (): bool => $this->seen('#bench-drawing .boundary[data-part="supports"]'), 'the boundary is drawn');
        self::assertSame('hard-board', $this->value('#design-supports-posts-0-foot'));
    }

    public function test_a_layer_is_added_and_taken_out(): void
    {
        $this->openBench('Old bakery cellar');
        $this->clickLinkWith('B · wool');
        $this->awaitThat(
            fn (): bool => str_contains($this->text('#bench-options [aria-current]'), 'wool'), 'the option that is not released',
        );
        $this->click('[value="add:lining.layers"]');
        $this->awaitThat(fn (): bool => $this->seen('#design-lining-layers-2-thickness_m'), 'a third layer');
        $this->click('[value="remove:lining.layers:0"]');
        $this->awaitThat(fn (): bool => ! $this->seen('#design-lining-layers-2-thickness_m'), 'two again');
        $this->awaitSaved();
    }

    public function test_what_cannot_be_built_is_said_at_the_part_and_the_drawing_stays(): void
    {
        $this->openBench('Polder mill store');
        $this->provoked = '~422~';
        $before = $this->drawing();
        $this->type('#design-wing-width_m', '3.5 m');
        $this->awaitThat(fn (): bool => $this->seen('#design-wing-width_m-wrong'), 'the fault');
        self::assertStringContainsString('lot or set-back line', $this->text('#design-wing-width_m-wrong'));
        self::assertSame('3.5 m', $this->value('#design-wing-width_m'), 'what was typed stays');
        self::assertSame($before, $this->drawing(), 'the last good drawing stays');
    }

    public function test_sides_levels_and_the_detail_are_shown(): void
    {
        $this->openBench('Music school with practice basement');
        $this->clickLinkWith('Walk-out side');
        $this->awaitThat(fn (): bool => str_contains($this->text('.bench-sides [aria-current]'), 'Walk-out'), 'the other side');
        $this->awaitField();
        self::assertStringContainsString('walk-out side', $this->text('.levels:not(#junctions) summary'));
        // An edit stays on the side it was made on.
        $this->type('#design-slab-thickness_m', '120');
        $this->awaitThat(fn (): bool => $this->value('#design-slab-thickness_m') === '120 mm', 'saved');
        self::assertStringContainsString('Walk-out', $this->text('.bench-sides [aria-current]'));
        $close = $this->scale();
        $this->clickLinkWith('Whole section');
        $this->awaitThat(fn (): bool => $this->seen('.bench-small') && $this->scale() > $close, 'smaller, to show all of it');
        $this->clickLinkWith('Close to the edge');
        $this->awaitThat(fn (): bool => $this->seen('.bench-small') && $this->scale() === $close, 'and close again');
    }

    private function scale(): int
    {
        return (int) preg_replace('~^1 : (\d+).*$~s', '$1', $this->text('.bench-scale'));
    }

    /** One part's change redraws at once while the field follows; printed, not judged: machines differ by the hour. */
    public function test_the_heaviest_family_redraws_before_its_field_follows(): void
    {
        $this->openBench('Music school with practice basement');
        $this->awaitField();
        $this->browser->manage()->timeouts()->setScriptTimeout(30);
        $drawn = $solved = [];
        foreach (['90', '110', '130'] as $size) {
            [$one, $two] = (array) $this->browser->executeAsyncScript(<<<'JS'
                const [size, done] = arguments;
                const field = document.getElementById('design-edge_outside-thickness_m');
                const start = performance.now();
                let drawn = null;
                const watch = setInterval(() => {
                    const pending = document.querySelector('[data-pending]');
                    const shown = document.getElementById('design-edge_outside-thickness_m').value;
                    if (drawn === null && /^\d+\smm$/.test(shown)) drawn = performance.now() - start;
                    if (drawn !== null && !pending && document.querySelector('.log-state').textContent === 'All saved') {
                        clearInterval(watch);
                        done([drawn, performance.now() - start]);
                    }
                }, 5);
                field.value = size;
                field.dispatchEvent(new Event('change', { bubbles: true }));
                JS, [$size]);
            $drawn[] = $one;
            $solved[] = $two;
        }
        sort($drawn);
        sort($solved);
        fwrite(
            STDERR,
            sprintf(
                "\nheaviest family, edit to drawing: median %.0f ms, slowest %.0f ms; to the fields of both sides: median %.0f ms, slowest %.0f ms\n",
                $drawn[1], $drawn[2], $solved[1], $solved[2],
            ),
        );
        self::assertLessThanOrEqual($solved[1], $drawn[1], 'the drawing does not wait for the field');
    }

    private function drawing(): string
    {
        return (string) $this->browser->executeScript(
            'return document.querySelector("#bench-drawing svg").getAttribute("viewBox") + '
                .'[...document.querySelectorAll("#bench-drawing .area, #bench-drawing text")].map((e) => e.getAttribute("d") ?? '
                    .'e.textContent).join()',
        );
    }

    private function fieldSheet(): string
    {
        return (string) $this->browser->executeScript('return document.getElementById("field-sheet").textContent');
    }

    private function awaitField(): void
    {
        $this->awaitThat(fn (): bool => ! $this->seen('[data-pending]') && $this->text('#u-field') !== '…', 'the field');
    }
}
