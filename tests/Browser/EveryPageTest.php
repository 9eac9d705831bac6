<?php

declare(strict_types=1);

namespace Tests\Browser;

use Symfony\Component\Process\Process;

/** Every page there is, read from the router: usable by everybody (WCAG 2.2 A and AA), and readable on a phone. */
final class EveryPageTest extends BrowserTestCase
{
    /** Addresses that give no page. */
    private const FILES = [
        'projects.export', 'later.show', 'frost.film', 'mass.hours', 'mass.csv', 'compare.csv', 'section.drawing',
        'section.assessment', 'section.preview', 'section.parts', 'schema', 'schema.before', 'studies.before', 'shares.before',
        'plan.drawing', 'plan.dxf', 'plan.csv', 'order.csv', 'sequence.calendar',
        'help.picture', 'projects.floor', 'site.implied', 'log.photo', 'built.pack', 'projects.zip',
    ];

    /** Pages that a signed link or an empty database leads to; other tests look at them. */
    private const ELSEWHERE = ['shares.show', 'invitations.show', 'first.create', 'sign-in.create', 'new-password.edit'];

    /** Pages that say most of a project that is being built. */
    private const BUILT = '~^(plan|order|sequence|log|built|register|release)\.~';

    /** Each with the other. */
    private const WIDTHS = [1280 => 390, 390 => 1280];

    private int $width = 1280;

    public function test_every_page_is_accessible_and_fits_a_phone(): void
    {
        $this->signIn('Marit Sluys');
        $pages = $this->pages();
        self::assertGreaterThan(12, count($pages));
        foreach ($pages as $path) {
            $this->lookAt($path);
        }
    }

    public function test_what_goes_wrong_is_told_on_pages_as_good_as_the_others(): void
    {
        $this->provoked = '~status of 40[34]~';
        $this->signIn('Odile Vliet');
        foreach (['/nowhere', '/people'] as $path) {
            $this->lookAt($path);
        }
        $this->browser->manage()->deleteAllCookies();
        foreach (['/sign-in', '/new-password/none?email=a@b.example', '/shared/none', '/glossary', '/notices'] as $path) {
            $this->lookAt($path);
        }
    }

    /** In both widths; the next page begins with the one that this ended with. */
    private function lookAt(string $path): void
    {
        $this->open($path);
        foreach ([$this->width, self::WIDTHS[$this->width]] as $i => $width) {
            if ($i > 0) {
                $this->site->size($width, 800);
            }
            $wide = $this->browser->executeScript('return document.documentElement.scrollWidth;');
            self::assertLessThanOrEqual($width, $wide, $path);
            $this->assertAccessible();
            $this->width = $width;
        }
    }

    /** @return list<string> */
    private function pages(): array
    {
        $list = (new Process([PHP_BINARY, 'artisan', 'route:list', '--json'], dirname(__DIR__, 2)))->mustRun()->getOutput();
        $pages = [];
        foreach (json_decode($list, true, flags: JSON_THROW_ON_ERROR) as $route) {
            if (str_starts_with($route['method'], 'GET') && ! in_array($route['name'], [...self::FILES, ...self::ELSEWHERE], true)) {
                $pages[] = '/'.ltrim(
                    strtr(
                        $route['uri'],
                        [
                            '{project}' => match (true) {
                                str_contains($route['uri'], '{inspection}') => '5',
                                preg_match(self::BUILT, $route['name']) === 1 => '4',
                                default => '1',
                            },
                            '{option}' => '1',
                            '{option?}' => '',
                            '{inspection}' => '1',
                            '{product}' => 'own-grey-plank-200',
                        ],
                    ),
                    '/',
                );
            }
        }

        return $pages;
    }
}
