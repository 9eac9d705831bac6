<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Who may come in, what they may do, and what can be had back. */
final class PeopleTest extends BrowserTestCase
{
    public function test_signing_in_and_out(): void
    {
        $this->open('/projects/1/site');
        $this->awaitText('h1', 'Sign in');
        $this->find('#email')->sendKeys('joost@lockside.example');
        $this->find('#password')->sendKeys('not it');
        $this->click('.sheet button');
        $this->awaitText('#email-wrong', 'do not go together');
        $this->assertAccessible();
        $this->find('#password')->sendKeys('boathouse-demo');
        $this->click('.sheet button');
        $this->awaitText('h1', 'Site');
        $this->click('#self summary');
        $this->assertAccessible();
        $this->click('#self button');
        $this->awaitText('.said', 'signed out');
        $this->open('/');
        $this->awaitText('h1', 'Sign in');
    }

    public function test_the_first_start_asks_for_firm_and_owner(): void
    {
        $database = $this->site->database();
        $database->exec('CREATE TABLE kept AS SELECT * FROM users; DELETE FROM users');
        try {
            $this->open('/');
            $this->awaitText('h1', 'First start');
            $this->assertAccessible();
            $this->site->size(390, 800);
            self::assertLessThanOrEqual(390, $this->browser->executeScript('return document.documentElement.scrollWidth;'));
            $this->find('#name')->sendKeys('Ibo Terp');
            $this->find('#email')->sendKeys('ibo@lockside.example');
            $this->find('#password')->sendKeys('terp-and-dyke');
            $this->find('#password_confirmation')->sendKeys('terp-and-dike');
            $this->click('.sheet button');
            $this->awaitText('#password-wrong', 'The two passwords differ');
            $this->assertAccessible();
            $this->find('#password')->sendKeys('terp-and-dyke');
            $this->find('#password_confirmation')->sendKeys('terp-and-dyke');
            $this->click('.sheet button');
            $this->awaitText('h1', 'Projects');
            self::assertStringContainsString('Dyke Lane boathouse', $this->text('.jobs'), 'what was there is the firm’s');
        } finally {
            $database->exec('DELETE FROM users; INSERT INTO users SELECT * FROM kept; DROP TABLE kept');
        }
    }

    public function test_a_reader_reads_and_is_refused_the_rest(): void
    {
        $this->provoked = '~status of 403~';
        $this->signIn('Odile Vliet');
        self::assertFalse($this->seen('.import, a[href$="/projects/create"]'));
        $this->openBench('Dyke Lane boathouse');
        self::assertFalse($this->isEnabled('#design-slab-thickness_m'));
        self::assertFalse($this->seen('#undo'));
        self::assertStringContainsString('read this, not change it', $this->text('.log-state'));
        self::assertFalse($this->isShown('.handle'));
        $this->click("#bench-drawing text[data-field='edge_beam.width_m']");
        self::assertFalse($this->seen('.size-over'));
        $this->assertAccessible();
        foreach (['/projects/create', '/people', '/trash', '/projects/1/shares'] as $path) {
            $this->open($path);
            $this->awaitText('h1', 'That is not yours to do');
        }
        $this->assertAccessible();
    }

    public function test_an_invited_person_comes_in_by_the_link_and_an_owner_sees_them(): void
    {
        $this->signIn('Marit Sluys');
        $this->open('/people');
        $this->find('#email')->sendKeys('new@lockside.example');
        $this->choose('#role', 'designer');
        $this->clickAt('//button[contains(., "Make the link")]');
        $this->awaitText('#link-made', 'new@lockside.example');
        $this->assertAccessible();
        $link = $this->value('#link');
        $this->click('#self summary');
        $this->click('#self button');
        $this->awaitText('.said', 'signed out');

        $this->browser->get($link);
        $this->find('#name')->sendKeys('Ibo Terp');
        $this->find('#password')->sendKeys('short');
        $this->find('#password_confirmation')->sendKeys('short');
        $this->click('.sheet button');
        $this->awaitText('#password-wrong', '10 characters or more');
        self::assertSame('Ibo Terp', $this->value('#name'));
        $this->assertAccessible();
        $this->find('#password')->sendKeys('terp-and-dyke');
        $this->find('#password_confirmation')->sendKeys('terp-and-dyke');
        $this->click('.sheet button');
        $this->awaitText('.said', 'You are in, as designer');
        $this->openBench('Ferry kiosk');
        self::assertTrue($this->isEnabled('#design-slab-thickness_m'));
        $this->site->database()->exec("DELETE FROM users WHERE email = 'new@lockside.example'");
    }

    public function test_options_and_projects_go_to_the_trash_and_come_back(): void
    {
        $this->signIn();
        $this->openBench('Dyke Lane boathouse');
        $this->click('.options-all');
        $this->awaitText('h1', 'Options');
        $this->clickAt('//li[contains(., "C · as first priced")]//button[contains(., "Delete")]');
        $this->awaitText('.said', '“C · as first priced” is in the trash');
        self::assertStringNotContainsString('C · as first priced', $this->text('.jobs'));
        $this->open('/');
        $this->clickAt('//li[contains(., "Ferry kiosk")]//button[contains(., "Delete")]');
        $this->awaitText('.said', '“Ferry kiosk” is in the trash');

        $this->open('/trash');
        $this->assertAccessible();
        $this->clickAt('//li[contains(., "Ferry kiosk")]//button[contains(., "Take back")]');
        $this->awaitText('.said', '“Ferry kiosk” is back');
        $this->openBench('Ferry kiosk');
        $this->open('/trash');
        $this->clickAt('//li[contains(., "C · as first priced")]//button[contains(., "Take back")]');
        $this->awaitText('.said', 'is back, as the last one');
    }

    public function test_the_history_shows_an_edit_and_leads_back_before_it(): void
    {
        $this->signIn();
        $this->openBench('Toll-house reading room');
        $size = $this->value('#design-edge_inside-thickness_m');
        $this->type('#design-edge_inside-thickness_m', '70');
        $this->awaitThat(fn (): bool => $this->value('#design-edge_inside-thickness_m') === '70 mm', 'saved');
        $this->clickLink('History');
        $this->awaitText('.history', "Board inside the edge, thickness: {$size} → 70 mm");
        self::assertStringContainsString('Joost Kade', $this->text('.history-now'));
        $this->assertAccessible();
        $this->click('.history > li:nth-child(2) button');
        $this->awaitText('.said', 'as it was then');
        self::assertSame($size, $this->value('#design-edge_inside-thickness_m'));
    }

    public function test_a_client_reads_the_section_by_a_link(): void
    {
        $this->signIn();
        $this->open('/projects/1/shares');
        $this->find('#made_for')->sendKeys('The rowing club');
        $this->click('.share button');
        $this->awaitText('.said', 'The link is made');
        $this->assertAccessible();
        $link = $this->value('.people .link');
        $this->browser->manage()->deleteAllCookies();
        $this->browser->get($link);
        $this->awaitText('.job', 'Dyke Lane boathouse');
        self::assertFalse($this->seen('form, input[type=text], .stakes'));
        self::assertGreaterThan(0, (float) $this->text('#heating'));
        $this->assertAccessible();
        $this->site->size(390, 800);
        self::assertLessThanOrEqual(390, $this->browser->executeScript('return document.documentElement.scrollWidth;'));
    }
}
