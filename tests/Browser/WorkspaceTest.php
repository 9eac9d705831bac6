<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;

/** The bench as a workspace: what one edits, what it looks like and what it does, in sight together. */
final class WorkspaceTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->provoked = '~status of 422~';
        $this->browser->manage()->timeouts()->setScriptTimeout(30);
        $this->signIn();
    }

    /** @return array<string, array{int, int, string}> */
    public static function rooms(): array
    {
        $rooms = [];
        foreach ([[1100, 700], [1280, 800], [1600, 1000]] as [$width, $height]) {
            foreach (['100%', '200%'] as $text) {
                $rooms["{$width} × {$height}, text {$text}"] = [$width, $height, $text];
            }
        }

        return $rooms;
    }

    #[DataProvider('rooms')]
    public function test_nothing_scrolls_but_parts_and_findings(int $width, int $height, string $text): void
    {
        $this->site->size($width, $height);
        // Few parts and few findings, then many of both.
        foreach (['Ferry kiosk', 'Music school with practice basement'] as $project) {
            $this->openBench($project);
            $this->browser->executeScript('document.documentElement.style.fontSize = arguments[0]', [$text]);
            foreach (['findings', 'frost', 'heat'] as $panel) {
                $this->browser->executeScript("document.querySelector('.cell[data-core={$panel}]').click()");
                self::assertSame([$width, $height], $this->page(), "{$project}, {$panel}");
                self::assertSame([], $this->browser->executeScript(
                    'return [...document.querySelectorAll(".cell")].filter((c) => { const r = c.getBoundingClientRect();
                        return r.top < 0 || r.bottom > innerHeight || r.right > innerWidth + 1 }).map((c) => c.dataset.core)',
                ), "{$project}: cores in sight");
            }
            $drawing = $this->find('#bench-drawing')->getSize();
            self::assertGreaterThanOrEqual($text === '100%' ? 420 : 250, $drawing->getWidth(), $project);
            self::assertGreaterThanOrEqual($text === '100%' ? 480 : 250, $drawing->getHeight(), $project);
            if ($text === '100%') {
                self::assertLessThanOrEqual(96, $this->find('.strip')->getSize()->getHeight(), $project);
            }
        }
        $this->assertAccessible();
    }

    public function test_however_much_there_is_of_parts_and_findings(): void
    {
        $this->openBench('Fullers’ wash-house');
        // All that may come in, one after the other, as by the picker.
        for ($put = []; ($next = $this->nextPart($put)) !== null; $put[] = $next) {
            $this->act($next);
        }
        $this->browser->navigate()->refresh();
        // More cannot stand in one design: they shut each other out.
        self::assertGreaterThanOrEqual(28, $this->howMany('#bench-log .log-row:not(.log-ground)'));
        foreach (['dpc', 'shield', 'upper_sheet', 'threshold'] as $part) {
            $this->act("out:{$part}");
        }
        $this->browser->navigate()->refresh();
        $this->awaitThat(fn (): bool => $this->text('#heating-field') !== '…', 'the section as drawn');
        self::assertGreaterThanOrEqual(22, $this->howMany('.bench-side .finding'));
        $this->assertNothingScrolls();

        $this->openBench('Ferry kiosk');
        $this->awaitThat(fn (): bool => $this->text('#heating-field') !== '…', 'the section as drawn');
        $this->type('#bench-findings .finding [id^=reason-]', 'seen to', WebDriverKeys::ENTER);
        $this->awaitThat(fn (): bool => str_contains($this->text('#bench-findings'), 'Nothing that the rules can see'), 'none');
        $this->assertNothingScrolls();
    }

    private function assertNothingScrolls(): void
    {
        foreach ([[1100, 700], [1600, 1000]] as [$width, $height]) {
            $this->site->size($width, $height);
            self::assertSame([$width, $height], $this->page());
            self::assertLessThanOrEqual(96, $this->find('.strip')->getSize()->getHeight());
        }
        $this->site->size(1280, 800);
    }

    private function howMany(string $css): int
    {
        return (int) $this->browser->executeScript('return document.querySelectorAll(arguments[0]).length', [$css]);
    }

    /** @param  list<string>  $put */
    private function nextPart(array $put): ?string
    {
        $next = $this->browser->executeAsyncScript(<<<'JS'
            const [put, done] = arguments;
            fetch(document.getElementById('bench').dataset.parts).then((answer) => answer.text()).then((html) => {
                const buttons = new DOMParser().parseFromString(html, 'text/html').querySelectorAll('button');
                done([...buttons].map((button) => button.value).find((value) => !put.includes(value)) ?? null);
            });
            JS, [$put]);

        return is_string($next) ? $next : null;
    }

    /** As by a button of the bench, on the newest state. */
    private function act(string $act): void
    {
        $this->browser->executeAsyncScript(<<<'JS'
            const [act, done] = arguments;
            const parse = (html) => new DOMParser().parseFromString(html, 'text/html');
            fetch(location.href).then((answer) => answer.text()).then((html) => {
                const page = parse(html);
                const body = new FormData(page.getElementById('bench'));
                for (const input of page.querySelectorAll('.bench-acts input')) {
                    body.set(input.name, input.value);
                }
                body.set('act', act);
                const { action } = document.getElementById('bench');
                fetch(action, { method: 'POST', body, headers: { 'X-Bench': '1' } }).then(() => done());
            });
            JS, [$act]);
    }

    public function test_a_remedy_is_seen_pressed_and_leaves_the_eye_where_it_is(): void
    {
        $this->openBench('Fullers’ wash-house');
        $this->awaitThat(fn (): bool => $this->text('#heating-field') !== '…' && ! $this->seen('[data-rough]'), 'the fine field');
        $list = '[data-panel=findings] .finding';
        $first = (string) $this->browser->executeScript(
            "return [...document.querySelectorAll('{$list}')].find((f) => f.querySelector('[value^=\"remedy:\"]')).id",
        );
        $next = (string) $this->browser->executeScript("return document.getElementById('{$first}').nextElementSibling.id");
        $this->browser->executeScript("document.querySelector('#{$first} button').focus()");
        $this->awaitThat(fn (): bool => $this->seen('.remedy-preview'), 'what it would build, dashed');
        $place = fn (string $id): mixed => $this->browser->executeScript(
            "return document.getElementById('{$id}').getBoundingClientRect().top",
        );
        $drawing = 'return JSON.stringify(document.getElementById("bench-drawing").getBoundingClientRect())';
        [$before, $frame] = [$place($next), $this->browser->executeScript($drawing)];
        $this->click("#{$first} button");
        $this->awaitThat(fn (): bool => ! $this->seen("#{$first}"), 'the finding is settled');
        $this->awaitSaved();
        self::assertEqualsWithDelta($before, $place($next), 1.0, 'the list has not moved');
        self::assertSame($frame, $this->browser->executeScript($drawing), 'nor has the drawing');
        self::assertTrue(
            $this->browser->executeScript('return document.activeElement.closest("[data-panel=findings] .finding") !== null'),
            'the next finding has the focus',
        );
        self::assertTrue($this->seen('#bench-drawing .area.changed') || $this->seen('#bench-log .changed'), 'what changed is marked');
        $this->awaitThat(fn (): bool => str_contains($this->text('#bench-change'), '→'), 'and said in a line');
        $this->awaitThat(fn (): bool => ! $this->seen('[data-pending]'), 'with what it did');
        self::assertEqualsWithDelta($before, $place($next), 1.0, 'nor does it when the field follows');
        $this->click('#bench-change button');
        $this->awaitThat(fn (): bool => $this->seen("#{$first}"), 'taken back from there');
    }

    public function test_flags_and_sizes_stand_apart_as_the_browser_sets_them(): void
    {
        foreach (['Dyke Lane boathouse', 'Music school with practice basement', 'Toll-house reading room'] as $project) {
            $this->openBench($project);
            foreach ([1, 2] as $units) {
                $this->awaitThat(fn (): bool => $this->seen('#bench-drawing .section-drawing'), 'the drawing');
                self::assertSame([], $this->browser->executeScript(<<<'JS'
                    const svg = document.querySelector('#bench-drawing .section-drawing');
                    const frame = svg.viewBox.baseVal;
                    const all = [...svg.querySelectorAll(':scope > text, :scope > g.flag')].filter((e) => e.getBBox().width > 0
                        && getComputedStyle(e).display !== 'none').map(
                            (e) => ({ box: e.getBBox(), words: e.textContent, flag: e.matches('.flag') }),
                        );
                    const faults = [];
                    all.forEach(({ box, words }, i) => {
                        if (box.x < frame.x - 1 || box.x + box.width > frame.x + frame.width + 1) {
                            faults.push(`${words} runs out of the frame`);
                        }
                        for (const other of all.slice(i + 1)) {
                            const [dx, dy] = [['x', 'width'], ['y', 'height']].map(([at, size]) =>
                                Math.min(box[at] + box[size], other.box[at] + other.box[size]) - Math.max(box[at], other.box[at]));
                            // A line of letters has room above and below them; flags are round.
                            if (dx > 1 && dy > (all[i].flag && other.flag ? 6 : 4)) {
                                faults.push(`${words} lies on ${other.words}`);
                            }
                        }
                    });
                    return faults;
                    JS), $project);
                $read = $this->text('#units-menu summary');
                $this->click('#units [data-other]');
                $this->awaitThat(fn (): bool => $this->text('#units-menu summary') !== $read, 'the other units');
            }
        }
    }

    public function test_a_part_is_put_in_from_the_picker_and_taken_out(): void
    {
        $this->openBench('Ferry kiosk');
        $this->click('.log-add button');
        $this->awaitThat(fn (): bool => $this->seen('#parts [value="put:wing"] svg'), 'parts with their drawings');
        $this->assertAccessible();
        $this->click('#parts [value="put:wing"]');
        // Common practice, no source: 50 × 600 mm to begin with.
        $this->awaitThat(fn (): bool => $this->seen('#row-wing[open]'), 'its row is open');
        self::assertSame(['50 mm', '600 mm'], [$this->value('#design-wing-thickness_m'), $this->value('#design-wing-width_m')]);
        $this->awaitThat(fn (): bool => str_contains($this->text('#bench-change'), 'Wing'), 'said in a line');
        $this->click('#row-wing .log-take');
        $this->awaitThat(fn (): bool => ! $this->seen('#row-wing'), 'and out again');
    }

    public function test_what_is_not_said_is_answered_by_one_press(): void
    {
        $this->openBench('Dyke Lane boathouse');
        $this->click('[data-panel=answers] [value="say:sheet.joints:taped"]');
        $this->awaitThat(fn (): bool => $this->value('#design-sheet-joints') === 'taped', 'said in the log');
        $this->awaitThat(fn (): bool => ! $this->seen('#finding-sheet-taped'), 'and asked no more');
        $this->click('[data-panel=answers] [data-unsaid="loads.line_kn_m"]');
        self::assertSame('design-loads-line_kn_m', $this->browser->executeScript('return document.activeElement.id'));
    }

    public function test_on_a_telephone_a_part_is_edited_within_two_touches_and_one_scroll(): void
    {
        $this->site->size(390, 844);
        $this->openBench('Ferry kiosk');
        $this->browser->executeScript('document.getElementById("bench-log").scrollIntoView()');
        $strip = $this->browser->executeScript('return document.querySelector(".strip").getBoundingClientRect().top');
        self::assertEqualsWithDelta(0, $strip, 1, 'the cores stay at the top');
        $this->find('#row-slab summary')->click();
        self::assertLessThanOrEqual(844, $this->browser->executeScript(
            'return document.querySelector("#row-slab .log-body").getBoundingClientRect().bottom',
        ), 'its sizes come up from below');
        self::assertSame('decimal', $this->attribute('#design-slab-thickness_m', 'inputmode'));
        $this->find('#design-slab-thickness_m')->click();
        $this->type('#design-slab-thickness_m', '120');
        $this->awaitThat(fn (): bool => $this->value('#design-slab-thickness_m') === '120 mm', 'saved');
        self::assertLessThanOrEqual(390, $this->page()[0]);
        $this->assertAccessible();
    }

    public function test_below_that_room_the_right_is_a_drawer(): void
    {
        $this->site->size(900, 700);
        $this->openBench('Ferry kiosk');
        self::assertFalse($this->isShown('#bench-side'));
        $this->click('.cell[data-core=heat]');
        self::assertTrue($this->isShown('#heating'));
        $this->press("\u{E00C}");
        self::assertFalse($this->isShown('#bench-side'));
        self::assertSame([900, 700], $this->page());
    }

    /** @return array{int, int} how wide and how high it scrolls */
    private function page(): array
    {
        /** @var array{int, int} */
        return $this->browser->executeScript(
            'const e = document.documentElement; return [Math.max(e.scrollWidth, innerWidth), Math.max(e.scrollHeight, innerHeight)]',
        );
    }
}
