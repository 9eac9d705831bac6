<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Findings and what is done about them; options compared; the queue at work: in the browser. */
final class JudgementTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function test_a_remedy_takes_its_finding_away_and_changes_the_watts(): void
    {
        $this->openBench('Fullers’ wash-house');
        $this->awaitThat(fn (): bool => $this->text('#heating-field') !== '…', 'the field is solved');
        $this->awaitThat(
            fn (): bool => str_contains($this->text('[data-cost=break-at-doors]'), 'Ignored, it costs'),
            'what it costs to ignore is worked out',
        );
        $before = (float) $this->text('#heating-field');
        $this->click('button[value="remedy:break-at-doors"]');
        $this->awaitThat(
            fn (): bool => $this->browser->findElements(WebDriverBy::id('finding-break-at-doors')) === [],
            'the finding is gone',
        );
        $this->awaitThat(
            fn (): bool => ! in_array($this->text('#heating-field'), ['…', (string) $before], true),
            'the field is solved anew',
        );
        self::assertLessThan($before, (float) $this->text('#heating-field'));
        self::assertSame('40 mm', $this->value('#design-threshold-thickness_m'), 'the log shows what was done');

        // A soft board under the beam: gone by a click, back by undo. A winter that was run before adds a stop of its own.
        self::assertSame(1, preg_match('~(\d+) stop~', $this->text('.cell-tally'), $stops));
        self::assertGreaterThanOrEqual(4, (int) ($stops[1] ?? 0));
        $this->click('button[value="remedy:board-under-bearing"]');
        $this->awaitThat(fn (): bool => str_contains($this->text('.cell-tally'), ((int) ($stops[1] ?? 0) - 1).' stop'), 'one stop less');
        $this->click('#undo');
        $this->awaitThat(fn (): bool => str_contains($this->text('.cell-tally'), ($stops[1] ?? '').' stop'), 'undone');
    }

    public function test_a_rule_is_set_aside_by_keyboard_with_a_reason(): void
    {
        $this->provoked = '~status of 422~';
        $this->openBench('Fullers’ wash-house');
        // With the field come findings that move the others.
        $this->awaitThat(fn (): bool => $this->text('#heating-field') !== '…', 'the field is solved');
        $this->click('#finding-wood-off-concrete summary');
        $this->find('#reason-wood-off-concrete')->sendKeys('no'.WebDriverKeys::ENTER);
        $this->awaitThat(
            fn (): bool => str_contains($this->text('#finding-wood-off-concrete'), '3 to 500 characters'),
            'a reason is asked for',
        );
        self::assertSame('no', $this->value('#reason-wood-off-concrete'), 'what was typed stays');
        $this->find('#reason-wood-off-concrete')->sendKeys(' timber sill here'.WebDriverKeys::ENTER);
        $this->awaitThat(fn (): bool => str_contains($this->text('.cell-tally'), '2 set aside'), 'set aside');
        self::assertStringContainsString('no timber sill here', $this->text('.findings-aside'));
    }

    public function test_what_the_queue_works_out_comes_in_by_itself(): void
    {
        $this->openBench('Ferry kiosk');
        $this->clickLink('Where it pays');
        $this->awaitThat(fn (): bool => str_contains($this->browser->getCurrentURL(), '/studies'), 'the page of gains');
        $this->click('form[action$="/gain"] .go');
        $this->awaitThat(
            fn (): bool => count(
                $this->browser->findElements(WebDriverBy::cssSelector('.data-steps tbody tr')),
            ) > 5 && str_contains($this->text('#gain'), 'Worked out'),
            'all steps are in',
        );
        $this->browser->executeScript(
            'for (const box of document.querySelectorAll("[name=\'open[]\']")) box.checked = '
                .'/field_board.thickness|edge_outside.depth/.test(box.value);',
        );
        $this->click('.search .go');
        $this->awaitThat(fn (): bool => str_contains($this->text('#search-result'), 'Worked out'), 'the search is over');
        self::assertMatchesRegularExpression('~[1-9]\d* of \d+ designs judged~', $this->text('#search-result'));
        $this->assertAccessible();
    }

    public function test_options_are_compared_on_one_sheet(): void
    {
        $this->open('/projects/1/compare');
        $this->awaitThat(
            fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[data-pending]')) === [],
            'all fields are in',
        );
        self::assertCount(3, $this->browser->findElements(WebDriverBy::cssSelector('.compare-drawing svg')));
        self::assertStringNotContainsString('…', $this->text('.compare'));
        $printed = (new ChromeDevToolsDriver($this->browser))->execute(
            'Page.printToPDF',
            ['preferCSSPageSize' => true, 'printBackground' => true],
        );
        self::assertSame(
            1,
            preg_match_all('~/Type\s*/Page\b(?!s)~', (string) base64_decode($printed['data'], true)),
            'printed on one sheet',
        );
        $this->assertAccessible();
    }
}
