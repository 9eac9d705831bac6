<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The building drawn from above: an outline, its corners, its walls, what lies beyond them, and what that comes to. */
final class PlanTest extends BrowserTestCase
{
    protected function tearDown(): void
    {
        $this->site->size(1280, 800);
        parent::tearDown();
    }

    public function test_an_l_is_drawn_a_corner_moved_a_door_put_in_and_heat_follows_a_garage(): void
    {
        $this->signIn();
        $this->openBench('Rope-walk house with garage');
        $this->inUnits('metric');
        $this->clickLink('Plan');
        $heat = $this->text('#plan-heat');

        // An L by its sizes: what lay beside a garage lies along its first wall.
        $this->click('#plan-outline > summary');
        $this->click('#sizes-l-more > summary');
        foreach (['length_m' => '14', 'width_m' => '10 m', 'part_length_m' => '500 cm', 'part_width_m' => '4'] as $key => $typed) {
            $this->type("#l-{$key}", $typed);
        }
        $this->click('#sizes-l-more button');
        $this->awaitThat(fn (): bool => $this->seen('[data-grip="corner:F"]'), 'six corners and more');
        self::assertStringContainsString('1', $this->text('#plan-figures div:last-child dd'), 'one corner leads in');
        self::assertNotSame($heat, $this->text('#plan-heat'));

        // A corner by pointer, from stop to stop; an item of the drawing by keys.
        $this->click('#plan-corners > summary');
        $field = 'input[name="plan[corners][D][x_m]"]';
        $was = $this->value($field);
        $grip = $this->browser->findElement(WebDriverBy::cssSelector('[data-grip="corner:D"]'));
        (new WebDriverActions($this->browser))->dragAndDropBy($grip, 0, -30)->perform();
        $this->saved();
        $this->browser->executeScript('document.querySelector("[data-grip=\'corner:D\']").focus()');
        $this->press(WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT);
        $this->awaitThat(fn (): bool => $this->value($field) !== $was && ! str_contains($this->value($field), '00 m'), 'moved by keys');
        self::assertMatchesRegularExpression('~^\d+(\.\d[05]?)?\s?m$~u', $this->value($field), 'to a stop of 50 mm');
        $this->browser->executeScript('document.activeElement.blur()');
        $this->press('u');
        $this->awaitThat(fn (): bool => $this->value($field) === $was, 'undone, both steps at once');

        // A door, and its width typed.
        $doors = $this->many('[id^="opening-"]');
        $this->click('#more-C > summary');
        $this->click('#more-C button[value="opening:C"]');
        $this->awaitThat(fn (): bool => $this->many('[id^="opening-"]') === $doors + 1, 'the door');
        $this->click('[id^="opening-"] > summary');
        $this->type('[id^="opening-"] input[name$="[width_m]"]', '1.4');
        $this->awaitThat(fn (): bool => str_contains($this->text('[id^="opening-"] > summary'), '1.4'), 'as wide as typed');
        $this->type('[id^="opening-"] input[name$="[width_m]"]', '19 m');
        $this->awaitThat(fn (): bool => $this->seen('[id^="opening-"] .wrong'), 'longer than its wall');
        $this->type('[id^="opening-"] input[name$="[width_m]"]', '1.4 m');
        $this->awaitThat(fn (): bool => ! $this->seen('[id^="opening-"] .wrong'), 'put right');

        // What is lost along each wall, before and after one of them lies beside the garage.
        $this->choose('#plan-show', 'heat');
        $label = fn (): string => (string) $this->browser->executeScript(
            'return [...document.querySelectorAll("#plan-drawing [data-part=\'wall:D\'] title, #plan-drawing title")]'
            .'.map((one) => one.textContent).find((words) => words.startsWith("Heat lost") && words.includes("wall D")) ?? ""',
        );
        $this->awaitThat(fn (): bool => str_contains($label(), 'W/m'), 'the field’s figures');
        $outside = $label();
        $this->choose('select[name="plan[walls][D][kind]"]', 'garage');
        $this->awaitThat(fn (): bool => str_contains($label(), 'W/m') && $label() !== $outside, 'heat follows');

        // A press on a wall opens its section.
        $this->browser->executeScript('document.querySelector("#wall-D [data-section]").click()');
        $this->awaitThat(fn (): bool => str_contains($this->browser->getCurrentURL(), 'side=neighbour'), 'its section');

        // On site it is read on a telephone.
        $this->site->size(390, 844);
        $this->browser->navigate()->back();
        $this->awaitThat(fn (): bool => $this->seen('#plan-drawing svg'), 'the drawing');
        self::assertLessThanOrEqual(390, $this->browser->executeScript('return document.documentElement.scrollWidth'));
        $this->assertAccessible();
    }
}
