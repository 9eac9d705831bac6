<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;

/** The bench under the hand: keys, undo, typing and dragging on the drawing. */
final class EditingTest extends BrowserTestCase
{
    private const FIELD = '#design-field_board-thickness_m';

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function test_a_board_is_changed_and_changed_back_by_keys_alone(): void
    {
        $this->openBench('Ferry kiosk');
        $year = $this->text('#heating');
        $this->press($this->numberOf('field_board'));
        self::assertSame('design-field_board-thickness_m', $this->focused(), 'a number leads to its part');
        $size = $this->value(self::FIELD);

        $this->press(WebDriverKeys::ARROW_UP);
        $this->awaitThat(fn (): bool => $this->text('#heating') !== $year, 'another sum');
        $larger = $this->value(self::FIELD);
        self::assertGreaterThan((float) $size, (float) $larger);
        // Common practice, no source: boards of 50 mm are followed by 60 and 70 where no others stand between.
        $this->press(WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, '50', WebDriverKeys::ENTER);
        $this->awaitThat(fn (): bool => $this->value(self::FIELD) === '50 mm', 'what was typed, as the server writes it');
        $this->press(WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_UP);
        $this->awaitSaved();
        self::assertSame('70 mm', $this->value(self::FIELD));
        $this->press(WebDriverKeys::ARROW_DOWN);
        $this->awaitSaved();
        self::assertSame('60 mm', $this->value(self::FIELD));

        $this->press(WebDriverKeys::PAGE_DOWN);
        self::assertSame('design-sheet-thickness_m', $this->focused(), 'the part below');
        $this->press(WebDriverKeys::PAGE_UP);
        self::assertSame('design-field_board-thickness_m', $this->focused(), 'and back');
        $this->press('99 x', WebDriverKeys::ESCAPE);
        self::assertSame('60 mm', $this->value(self::FIELD), 'what was typed is dropped');

        $this->awaitThat(function () use ($year): bool {
            if ($this->isEnabled('#undo')) {
                $this->press(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL);
                $this->awaitSaved();
            }

            return ! $this->isEnabled('#undo') && $this->text('#heating') === $year;
        }, 'everything of this sitting taken back');
        self::assertSame($size, $this->value(self::FIELD));
        $this->press(WebDriverKeys::CONTROL, WebDriverKeys::SHIFT, 'z', WebDriverKeys::NULL);
        $this->awaitThat(fn (): bool => $this->value(self::FIELD) === $larger, 'the first change put back');
        $this->press(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL);
        $this->awaitThat(fn (): bool => $this->value(self::FIELD) === $size, 'and taken back');
        $this->browser->navigate()->refresh();
        self::assertTrue($this->isEnabled('#redo'), 'redo outlives the page');
    }

    public function test_many_quick_undos_each_take_one_change(): void
    {
        $this->openBench('Ferry kiosk');
        $first = $this->value('#design-stone-thickness_m');
        foreach (['175', '200', '225'] as $size) {
            $this->type('#design-stone-thickness_m', $size, WebDriverKeys::ENTER);
            $this->awaitThat(fn (): bool => $this->value('#design-stone-thickness_m') === "{$size} mm", "{$size} mm saved");
        }
        foreach ([1, 2, 3] as $time) {
            $this->click('#undo');
        }
        $this->awaitThat(fn (): bool => $this->value('#design-stone-thickness_m') === $first, 'all three taken back');
        $this->awaitSaved();
    }

    public function test_the_log_follows_when_its_rows_change_places(): void
    {
        $this->openBench('Dyke Lane boathouse');
        $this->awaitOrder('slab, sheet, field_board, stone, ground');
        $this->choose('#design-sheet-position', 'below');
        $this->awaitOrder('slab, field_board, sheet, stone, ground');
        $this->type('#design-sheet-thickness_m', '20 mil');
        $this->awaitThat(fn (): bool => $this->value('#design-sheet-thickness_m') === '20 mil', 'saved');
        $this->click('#undo');
        $this->click('#undo');
        $this->awaitOrder('slab, sheet, field_board, stone, ground');
        self::assertSame('15 mil', $this->value('#design-sheet-thickness_m'));
    }

    public function test_printed_the_sheet_comes_first_and_true_to_scale(): void
    {
        $this->openBench('Dyke Lane boathouse');
        $tools = new ChromeDevToolsDriver($this->browser);
        $tools->execute('Emulation.setEmulatedMedia', ['media' => 'print']);
        try {
            foreach (['#options-menu', '.bench-acts', '#units-menu', '#exports-menu', '.overlay-bar', '.handle', '.tabs'] as $css) {
                self::assertFalse($this->isShown($css), $css);
            }
            self::assertLessThan($this->find('#bench-log')->getLocation()->getY(), $this->find('#bench-drawing')->getLocation()->getY());
            // 156 mm of paper at 96 dots an inch.
            self::assertEqualsWithDelta(156 * 96 / 25.4, $this->find('#bench-drawing svg')->getSize()->getHeight(), 1.0);
        } finally {
            $tools->execute('Emulation.setEmulatedMedia', ['media' => '']);
        }
    }

    public function test_the_help_sheet_opens_by_key_and_button_and_single_keys_can_be_turned_off(): void
    {
        $this->openBench('Ferry kiosk');
        $this->press('?');
        self::assertTrue($this->seen('#keys[open]'));
        $this->assertAccessible();
        $this->press(WebDriverKeys::ESCAPE);
        self::assertFalse($this->seen('#keys[open]'));
        $this->press('u');
        $this->awaitThat(fn (): bool => str_contains($this->value(self::FIELD), 'in'), 'inches');
        $this->site->database()->exec('UPDATE users SET single_keys = 0');
        $this->browser->navigate()->refresh();
        $this->press('?');
        self::assertFalse($this->seen('#keys[open]'), 'turned off');
        $this->click('#keys-button');
        self::assertTrue($this->seen('#keys[open]'), 'the button stays');
        $this->click('#keys button');
    }

    public function test_a_dimension_on_the_drawing_is_typed_over(): void
    {
        $this->provoked = '~status of 422~';
        $this->openBench('Dyke Lane boathouse');
        $this->click("#bench-drawing text[data-field='edge_beam.width_m']");
        self::assertSame($this->value('#design-edge_beam-width_m'), $this->value('.size-over'));
        $this->assertAccessible();
        $this->press('20', WebDriverKeys::ENTER);
        $this->awaitThat(fn (): bool => $this->value('#design-edge_beam-width_m') === '20 in', 'the width in the log');
        $this->awaitThat(
            fn (): bool => str_contains($this->text("#bench-drawing text[data-field='edge_beam.width_m']"), '20'),
            'and on the drawing',
        );

        $this->click("#bench-drawing text[data-field='slab.thickness_m']");
        $this->press('5', WebDriverKeys::ESCAPE);
        self::assertFalse($this->seen('.size-over'));
        self::assertSame('4 in', $this->value('#design-slab-thickness_m'), 'Escape leaves it');

        $this->click("#bench-drawing text[data-field='field_board.thickness_m']");
        $this->press('40 m', WebDriverKeys::ENTER);
        $this->awaitThat(fn (): bool => $this->seen('#design-field_board-thickness_m-wrong'), 'the refusal at its field');
        self::assertSame('40 m', $this->value(self::FIELD));
        $this->click(self::FIELD);
        $this->press(WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, '2', WebDriverKeys::ENTER);
        $this->awaitSaved();
        $this->click('#undo');
        $this->awaitThat(fn (): bool => $this->value('#design-edge_beam-width_m') === '16 in', 'taken back');
    }

    public function test_the_foot_of_the_outside_board_is_dragged_and_snaps(): void
    {
        $this->openBench('Dyke Lane boathouse');
        $before = $this->value('#design-edge_outside-depth_below_grade_m');
        $this->at(
            WebDriverBy::cssSelector(".handle[data-field='edge_outside.depth_below_grade_m'] rect"),
            fn (RemoteWebElement $handle) => (new WebDriverActions($this->browser))->clickAndHold($handle)->moveByOffset(0, 28)->perform(),
        );
        self::assertStringContainsString('level with the board under the beam', $this->text('.handle-size'));
        (new WebDriverActions($this->browser))->release()->perform();
        // Beam 24 in deep from a slab 8 in above the ground, 4 in of board under it: 24 − 8 + 4 = 20 in.
        $this->awaitThat(fn (): bool => $this->value('#design-edge_outside-depth_below_grade_m') === '20 in', 'the depth it was let go at');
        $this->awaitSaved();

        $strip = $this->value('#design-perimeter_board-width_m');
        $this->at(
            WebDriverBy::cssSelector(".handle[data-field='perimeter_board.width_m'] rect"),
            fn (RemoteWebElement $handle) => (new WebDriverActions($this->browser))->dragAndDropBy($handle, -27, 3)->perform(),
        );
        $this->awaitThat(fn (): bool => $this->value('#design-perimeter_board-width_m') === '28 in', 'a strip four inches wider');
        $this->click('#undo');
        $this->awaitThat(fn (): bool => $this->value('#design-perimeter_board-width_m') === $strip, 'taken back');
        $this->click('#undo');
        $this->awaitThat(fn (): bool => $this->value('#design-edge_outside-depth_below_grade_m') === $before, 'taken back');
    }

    private function awaitOrder(string $rows): void
    {
        $this->awaitThat(function () use ($rows): bool {
            $units = $this->browser->findElements(
                WebDriverBy::cssSelector('#bench-log section:first-child > .log > :not(.log-out)[data-unit]'),
            );

            return implode(
                ', ',
                array_map(static fn (WebDriverElement $row): string => (string) $row->getAttribute('data-unit'), $units),
            ) === $rows;
        }, "the rows {$rows}");
    }

    private function focused(): string
    {
        return (string) $this->browser->switchTo()->activeElement()->getAttribute('id');
    }

    private function numberOf(string $part): string
    {
        return $this->text("#row-{$part} .log-no b");
    }
}
