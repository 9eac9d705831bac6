<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The start with pictures and the site as one: from three figures to a judged section, and what is dragged, typed and dropped. */
final class SiteTest extends BrowserTestCase
{
    private const WORDS = '~limit met|close|disputed|fails|not checked|no limit set~';

    /** Presses, choices and fields that were filled in. */
    private int $actions = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    private function fill(string $css, string $words): void
    {
        $this->actions++;
        $this->type($css, $words);
    }

    private function push(string $css): void
    {
        $this->actions++;
        $this->click($css);
    }

    public function test_three_figures_lead_to_a_judged_section_in_twelve_actions_and_no_failed_try(): void
    {
        foreach ([[1280, '9 x 14 m', ['-5', '18', '6.2']], [390, "30' x 46'", ['23 °F', '64 °F', '43 °F']]] as [$width, $sides, $figures]) {
            $this->site->size($width, 800);
            $this->actions = 0;
            $this->open('/');
            $this->push('a.go[href$="/projects/create"]');
            $this->awaitText('h1', 'Start a project');
            $this->fill('#name', "Net loft {$width}");
            $this->fill('#footprint-sides', $sides);
            $this->awaitThat(fn (): bool => str_contains($this->text('.start-floor'), 'outline'), 'area and outline follow');
            foreach (['coldest_c', 'warmest_c', 'mean_c'] as $i => $key) {
                $this->fill("#known-extremes-{$key}", $figures[$i]);
            }
            self::assertLessThanOrEqual($width, $this->browser->executeScript('return document.documentElement.scrollWidth;'));
            $this->push('.family:has(input[value=frost-protected-raft])');
            $this->push('.start .go');
            $this->awaitThat(fn (): bool => $this->seen('#bench-drawing svg .area'), 'the section is drawn');
            self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('.wrong, .field-bad')), 'nothing was refused');
            foreach (['heat', 'frost', 'damp', 'load'] as $core) {
                $this->awaitThat(
                    fn (): bool => preg_match(self::WORDS, $this->text(".cell[data-core={$core}]")) === 1, "{$core} has its word",
                );
            }
            // Damp is judged under the figures, no longer unknown.
            $this->awaitThat(
                fn (): bool => ! str_contains($this->text('.cell[data-core=damp]'), 'not checked')
                    || ! str_contains($this->text('#bench-answers'), 'The climate is not known'),
                'the climate is known',
            );
            self::assertLessThanOrEqual(12, $this->actions);
            self::assertStringContainsString('climate estimated', $this->text('.cell-tally'));
            // What is still open is marked on the drawing, and leads to where it is answered.
            self::assertGreaterThanOrEqual(2, count($this->browser->findElements(WebDriverBy::cssSelector('#bench-drawing .question'))));
        }
        $this->site->size(1280, 800);
        $this->browser->executeScript(
            'document.querySelector("#bench-drawing .question").dispatchEvent(new MouseEvent("click", { bubbles: true }))',
        );
        $this->awaitText('h1', 'Site');
        $this->awaitThat(fn (): bool => $this->seen('details.card[open]'), 'the card of the answer is open');
    }

    public function test_the_page_is_short_where_its_cards_are_folded(): void
    {
        foreach ([1280 => 1600, 390 => 2600] as $width => $most) {
            $this->site->size($width, 800);
            $this->open('/projects/7/site');
            self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('details.card[open]')));
            self::assertLessThanOrEqual($most, $this->browser->executeScript('return document.documentElement.scrollHeight;'));
            self::assertLessThanOrEqual($width, $this->browser->executeScript('return document.documentElement.scrollWidth;'));
        }
    }

    public function test_what_is_typed_moves_the_picture_at_once_and_is_saved_by_itself_and_undone(): void
    {
        $this->open('/projects/7/site');
        $bar = fn (): float => (float) $this->attribute('rect.bar[data-of="site-climate-monthly_mean_c-0"]', 'height');
        $before = $bar();
        $was = $this->value('#site-climate-monthly_mean_c-0');
        $this->browser->executeScript(
            'const january = document.getElementById("site-climate-monthly_mean_c-0"); january.value = "-6";'
                .'january.dispatchEvent(new Event("input", { bubbles: true }));',
        );
        self::assertNotSame($before, $bar(), 'at once');
        self::assertStringContainsString('bar-below', $this->attribute('rect.bar[data-of="site-climate-monthly_mean_c-0"]', 'class'));
        $this->type('#site-climate-monthly_mean_c-0', '-7');
        $this->awaitKept();
        $this->awaitThat(fn (): bool => $this->value('#site-climate-monthly_mean_c-0') === '-7 °C', 'as it is saved');
        self::assertStringContainsString('months -7 °C', $this->text('#card-climate > summary'));
        $this->click('[data-press=u]');
        $this->awaitThat(fn (): bool => $this->value('#site-climate-monthly_mean_c-0') === $was, 'undone');
        $this->click('[data-press=r]');
        $this->awaitThat(fn (): bool => $this->value('#site-climate-monthly_mean_c-0') === '-7 °C', 'redone');
        $this->click('[data-press=u]');
        $this->awaitThat(fn (): bool => $this->value('#site-climate-monthly_mean_c-0') === $was, 'undone again');
        $this->assertAccessible();
    }

    public function test_what_cannot_be_kept_is_said_stays_typed_and_goes_again(): void
    {
        $this->provoked = '~status of 503~';
        $this->open('/projects/7/site');
        $others = $this->site->database();
        $others->exec('BEGIN IMMEDIATE');
        $this->type('#site-indoor_c', '17.5');
        $this->awaitText('[data-said]', 'others were saving all the while');
        self::assertSame('17.5', $this->value('#site-indoor_c'));
        $others->exec('ROLLBACK');
        $this->click('[data-again]');
        $this->awaitKept();
        $this->awaitThat(fn (): bool => $this->value('#site-indoor_c') === '17.5 °C', 'as it is saved');
    }

    public function test_bars_and_lines_are_dragged_and_what_is_refused_stays_typed(): void
    {
        $this->open('/projects/7/site');
        $this->dragBy('[data-drag="site-climate-monthly_mean_c-6"]', -30);
        $this->awaitKept();
        self::assertGreaterThan(19.0, (float) $this->value('#site-climate-monthly_mean_c-6'));
        foreach (['site-damp-water_table_m', 'site-frost-ledge_m'] as $line) {
            $this->dragBy("[data-drag={$line}]", -100);
            $this->awaitThat(fn (): bool => preg_match('~^\d+[05]0 mm$~', $this->value("#{$line}")) === 1, "{$line} is drawn up");
            $this->awaitThat(fn (): bool => ! str_contains($this->attribute("g[data-of={$line}]", 'class'), 'line-none'), 'and there');
        }
        self::assertStringContainsString('rock', $this->text('#card-ground > summary'));
        $this->dragBy('[data-drag=site-frost-office_depth_m]', 60);
        $this->awaitThat(fn (): bool => str_contains($this->text('.line-frost'), 'the office’s'), 'frost is the office’s');
        $this->dragBy('[data-drag=site-frost-snow]', -12);
        $this->awaitThat(fn (): bool => str_contains($this->text('.line-snow'), 'snow counted on')
            && ! str_contains($this->text('.line-snow'), 'no snow'), 'snow is counted on');
        // The design day is dragged over the coldest month: refused, said, and typed as it was.
        $this->dragBy('[data-drag=site-climate-design_c]', -90);
        $this->awaitText('[data-said]', 'what is wrong stands at its field');
        self::assertTrue($this->seen('#card-climate[open] .wrong'));
        self::assertTrue($this->seen('#site-climate-design_c[aria-invalid]'));
        $this->type('#site-climate-design_c', WebDriverKeys::DELETE);
        $this->awaitKept();
        self::assertStringContainsString('worked out', $this->text('#card-climate > summary'));
    }

    public function test_months_are_worked_out_from_figures_and_a_file_is_dropped_on_the_picture(): void
    {
        $this->open('/projects/7/site');
        $this->click('#site-open a[href="#known"]');
        $this->awaitThat(fn (): bool => $this->seen('#card-climate[open]'), 'it leads there');
        $this->type('#known-extremes-coldest_c', '-7');
        $this->type('#known-extremes-warmest_c', '19');
        $this->type('#known-extremes-mean_c', '20');
        $this->click('button[form=known-extremes]');
        $this->awaitText('#known-extremes-mean_c-wrong', 'Allowed: 2.8 °C to 9.2 °C');
        self::assertSame('20', $this->value('#known-extremes-mean_c'));
        $this->type('#known-extremes-mean_c', '6');
        $this->awaitThat(fn (): bool => str_contains($this->text('#said-extremes'), 'months from -7 °C to 19 °C'), 'what it comes to');
        self::assertNotSame('', $this->attribute('#year-implied', 'd'));
        $this->click('button[form=known-extremes]');
        $this->awaitThat(fn (): bool => $this->value('#site-climate-monthly_mean_c-0') === '-7 °C', 'January');
        self::assertSame('19 °C', $this->value('#site-climate-monthly_mean_c-6'));
        self::assertStringContainsString('estimated', $this->text('#card-climate > summary'));
        $this->browser->executeScript(<<<'JS'
            const lines = ["month,mean_c"];
            for (let m = 1; m <= 12; m++) {
                const mean = 8 - 10 * Math.cos((2 * Math.PI * (m - 1)) / 12);
                lines.push(`2001-${String(m).padStart(2, "0")},${mean.toFixed(1)}`);
            }
            const data = new DataTransfer();
            data.items.add(new File([lines.join("\n")], "weir.csv", { type: "text/csv" }));
            const drop = new DragEvent("drop", { bubbles: true, cancelable: true, dataTransfer: data });
            document.getElementById("site-picture").dispatchEvent(drop);
            JS);
        $this->awaitText('.said', 'Taken in: “weir”');
        self::assertSame('-2 °C', $this->value('#site-climate-monthly_mean_c-0'));
    }

    private function awaitKept(): void
    {
        $this->awaitThat(fn (): bool => $this->text('[data-said]') === 'saved', 'saved');
    }

    private function dragBy(string $css, int $down): void
    {
        $this->at(WebDriverBy::cssSelector($css), fn ($grip) => $this->browser->action()->clickAndHold($grip)
            ->moveByOffset(0, $down)->release()->perform());
    }
}
