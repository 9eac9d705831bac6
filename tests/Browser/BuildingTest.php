<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** One job walked from its plan to its hand-over: at a desk, and on site with a telephone. */
final class BuildingTest extends BrowserTestCase
{
    protected function tearDown(): void
    {
        $this->site->size(1280, 800);
        parent::tearDown();
    }

    public function test_the_boathouse_goes_from_plan_to_hand_over(): void
    {
        $this->signIn();
        $this->openBench('Dyke Lane boathouse');
        $this->inUnits('metric');
        $this->clickLink('Plan');
        // The outline is there; something more is set in it.
        $there = $this->many('#plan-form > fieldset:first-of-type .item');
        foreach (['post', 'sleeve'] as $i => $kind) {
            $this->choose('#plan-kind', $kind);
            $this->click('[data-with=plan-kind]');
            $this->awaitThat(fn (): bool => $this->many('#plan-form > fieldset:first-of-type .item') === $there + $i + 1, $kind);
        }
        $row = (string) $this->browser->executeScript(
            'return [...document.querySelectorAll("#plan-form .item bdi")].find((one) => /^Sleeve \\d+$/.test(one.textContent)).closest("details").id',
        );
        $this->click("#{$row} summary");
        $this->awaitThat(fn (): bool => $this->seen("#{$row} .item-fields"), 'its fields come when it is opened');
        $this->isAsLoaded();
        $this->put("#{$row} input[name$='[name]']", 'Waste');
        $this->saved();
        $this->put("#{$row} input[name$='[x_m]']", '3.2');
        $this->saved();
        self::assertStringContainsString('Waste', $this->text("#{$row} summary"));
        $this->put("#{$row} input[name$='[x_m]']", '40 m');
        $this->awaitThat(fn (): bool => $this->seen('.item .wrong'), 'what is wrong stands at its field');
        self::assertStringContainsString('outside the outline', $this->text('.item .wrong'));
        self::assertSame('40 m', $this->value("#{$row} input[name$='[x_m]']"), 'what was typed stays');
        $this->put("#{$row} input[name$='[x_m]']", '3.2 m');
        $this->saved();
        $this->isAsLoaded();

        // Put where it goes down through the edge, it says so and why; what it offers mends it.
        $this->put("#{$row} input[name$='[y_m]']", '0.1 m');
        $this->saved();
        $this->awaitWords("#{$row}", 'goes down through the edge');
        self::assertStringContainsString('takes the bars that carry the wall', $this->text("#{$row}"));
        $this->click("#{$row} .mend button");
        $this->saved();
        $this->awaitThat(fn (): bool => ! str_contains($this->text("#{$row}"), 'goes down through the edge'), 'mended');
        self::assertGreaterThan(0.2, (float) $this->value("#{$row} input[name$='[y_m]']"));
        $this->isAsLoaded();

        // A corner is dragged; undo by key brings it back.
        $this->click('#plan-corners > summary');
        $was = $this->value('input[name="plan[corners][D][x_m]"]');
        $grip = $this->browser->findElement(WebDriverBy::cssSelector('[data-grip="corner:D"]'));
        (new WebDriverActions($this->browser))->dragAndDropBy($grip, -40, 0)->perform();
        $this->saved();
        self::assertNotSame($was, $this->value('input[name="plan[corners][D][x_m]"]'));
        $this->browser->executeScript('document.activeElement.blur()');
        $this->press('u');
        $this->awaitThat(fn (): bool => $this->value('input[name="plan[corners][D][x_m]"]') === $was, 'undone');
        $this->isAsLoaded();

        // A pad under a post to come.
        $this->choose('#plan-kind', 'pad');
        $this->click('[data-with=plan-kind]');
        $this->awaitThat(fn (): bool => str_contains($this->text('#plan-items'), 'Pad '), 'a pad');
        $this->saved();

        // Set out for paper; squared up by tapes: C stands 15 mm too far right and 10 mm too far up.
        $this->clickLink('Set out');
        $this->clickLink('Square it');
        $drawn = static fn (string $label): float => (float) explode('drawn ', $label)[1];
        $side = [];
        foreach (['A-B', 'B-C', 'C-D', 'D-A', 'A-C', 'B-D'] as $tape) {
            $side[$tape] = $drawn($this->text("label[for='tape-{$tape}']"));
        }
        $long = hypot($side['A-B'] + 0.015, $side['B-C'] + 0.010);
        foreach ([
            ...$side, 'B-C' => hypot($side['B-C'] + 0.010, 0.015), 'C-D' => hypot($side['C-D'] + 0.015, 0.010), 'A-C' => $long,
        ] as $tape => $read) {
            $this->put("#tape-{$tape}", (string) round($read, 3));
        }
        $this->choose('#hold', 'A-B');
        $this->click('#tape-form .go');
        $this->awaitWords('.answer', 'C is out.');
        self::assertStringContainsString('15 mm towards D and 10 mm towards B', strtr($this->text('.answer'), ["\u{a0}" => ' ']));
        $this->click('.corners button');
        $this->awaitWords('.said', 'Corner C is moved');
        foreach (['B-C', 'C-D', 'A-C'] as $tape) {
            $this->put("#tape-{$tape}", (string) $side[$tape]);
        }
        $this->click('#tape-form .go');
        $this->awaitWords('.answer', 'Every corner is within tolerance');

        // A height levelled by telephone.
        $this->site->size(390, 844);
        $this->clickLink('Levels');
        $this->put('#back', '1.482');
        $this->click('.sights .go');
        $this->awaitWords('.instrument', 'It sees at');
        $pad = '#'.$this->browser->executeScript('return document.querySelector("[id^=rod-pad-]").id');
        $this->put("{$pad} input", '9 m');
        $this->click('#rods .go');
        $this->awaitWords($pad, 'as on a rod');
        $rod = (float) explode('rod ', $this->text("{$pad} .rod-what"))[1];
        $this->put("{$pad} input", (string) ($rod + 0.015));
        $this->click('#rods .go');
        $this->awaitWords($pad, '15 mm low');
        self::assertStringContainsString('out of tolerance', $this->text($pad));
        $this->site->size(1280, 800);

        // Released; then it can be ordered.
        $this->clickLink('Plan');
        $this->clickLink('Order');
        $this->click('.sheet-acts .go');
        $this->awaitWords('#main', 'Release an option');
        $this->open('/projects/1/release');
        $this->click('.sheet-acts .go');
        $this->awaitWords('.said', 'is released to be built');
        $this->clickLink('Order');
        $this->click('.sheet-acts .go');
        $this->awaitThat(fn (): bool => $this->many('.state-asked') > 8, 'what was asked for');

        // Which day, and what must hold first.
        $this->clickLink('Sequence');
        $this->put('#start', '2026-11-16');
        $this->click('.days .go');
        $this->awaitThat(fn (): bool => $this->many('.day .task') > 20, 'the days');
        self::assertGreaterThan(5, $this->many('.task-driving'));
        $this->awaitWords('#main', 'Pour the slab');

        // On site.
        $this->browser->manage()->deleteAllCookies();
        $this->signIn('Wen Dijker');
        $this->inUnits('metric');
        $this->site->size(390, 844);
        $this->open('/projects/1/log');
        $this->fold('h7');
        $this->fold('read-h7-lap');
        $this->put('#read-h7-lap input[name=value]', '90 mm');
        $this->click('#read-h7-lap .go');
        $this->awaitWords('.said', 'out: 90');
        $this->fold('h7');
        $this->awaitWords('#h7 > summary', 'stopped');
        $this->fold('read-h7-lap');
        $this->put('#read-h7-lap input[name=value]', '200 mm');
        $this->find('#read-h7-lap input[type=file]')->sendKeys(dirname(__DIR__, 2).'/docs/screenshots/bench.png');
        $this->click('#read-h7-lap .go');
        $this->awaitWords('.said', 'in: 200');
        $this->awaitThat(fn (): bool => $this->seen('.entries img'), 'the photograph');
        $this->fold('h7');
        $this->put('#h7 .pass input[name=reason]', 'the rest is on the photographs');
        $this->click('#h7 .pass .go');
        $this->awaitWords('#h7 > summary', 'passed');

        // The slab is thin at one end, and a board is missing.
        $this->fold('h6');
        $this->fold('read-h6-room');
        $this->put('#read-h6-room input[name=value]', '84 87 92 86');
        $this->choose('#read-h6-room select[name=stretch]', 'wall:B');
        $this->click('#read-h6-room .go');
        $this->awaitWords('.said', 'thinner than drawn');
        $this->click('.free details summary');
        $this->choose('.free select[name=part]', 'edge_outside');
        $this->choose('.free details select[name=stretch]', 'wall:D');
        $this->put('.free details input[name=value]', '4 m');
        $this->click('.free details .go');
        $this->awaitWords('.said', 'left out along');

        $this->browser->manage()->deleteAllCookies();
        $this->signIn();
        $this->site->size(1280, 800);
        $this->open('/projects/1/built');
        $this->awaitWords('#main', 'not there along');
        self::assertMatchesRegularExpression('~\+\d+ kWh~u', str_replace(["\u{a0}", "\u{202f}"], ' ', $this->text('.figures')));
        $this->site->withWorker('packs', function (): void {
            $this->click('.sheet-acts .go');
            $this->awaitThat(fn (): bool => $this->seen('.packs a[href$="/pdf"]'), 'the hand-over, made by the queue');
        });
    }

    /** Until a place of the page says so. */
    private function awaitWords(string $css, string $some): void
    {
        $this->awaitThat(fn (): bool => $this->seen($css) && str_contains($this->text($css), $some), "“{$some}” at {$css}");
    }

    /** Unfolds what is folded. */
    private function fold(string $id): void
    {
        $this->browser->executeScript('document.getElementById(arguments[0]).open = true', [$id]);
    }

    private function put(string $css, string $words): void
    {
        $keys = WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.$words.WebDriverKeys::TAB;
        $this->at(WebDriverBy::cssSelector($css), static fn (RemoteWebElement $field) => $field->sendKeys($keys));
    }

    /** What was laid over the page, piece by piece, is what a page shows that is loaded now. */
    private function isAsLoaded(): void
    {
        $other = $this->browser->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            const words = (unit) => unit ? unit.textContent.replace(/\s+/g, ' ').trim() : 'nothing';
            fetch(location.href, { headers: { Accept: 'text/html' } }).then((answer) => answer.text()).then((text) => {
                const loaded = new DOMParser().parseFromString(text, 'text/html');
                const units = [...loaded.querySelectorAll('#live [data-unit]')];
                const shown = (unit) => document.querySelector(`#live [data-unit="${unit.dataset.unit}"]`);
                done({
                    pieces: units.length,
                    others: units.filter((unit) => words(unit) !== words(shown(unit))).map((unit) => unit.dataset.unit),
                });
            });
            JS);
        self::assertIsArray($other);
        self::assertGreaterThan(3, $other['pieces']);
        self::assertSame([], $other['others']);
    }
}
