<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Design\Families\Families;
use Ondergrond\Examples\Examples;
use Ondergrond\Rules\Rulebook;
use PHPUnit\Framework\TestCase;

/** What the README counts is what there is. */
final class ReadmeTest extends TestCase
{
    public function test_its_counts_are_those_of_the_program(): void
    {
        $readme = (string) preg_replace('~\s+~', ' ', (string) file_get_contents(dirname(__DIR__, 2).'/README.md'));
        foreach (['rules' => Rulebook::all(), 'projects' => Examples::all(), 'foundation families' => Families::all()] as $what => $all) {
            preg_match_all("~(\\d+) {$what}~", $readme, $found);
            self::assertSame([(string) count($all)], array_values(array_unique($found[1])), $what);
        }
    }

    public function test_every_picture_it_shows_is_there(): void
    {
        preg_match_all('~\]\((docs/[^)#]+)\)~', (string) file_get_contents(dirname(__DIR__, 2).'/README.md'), $found);
        self::assertGreaterThan(20, count($found[1]));
        foreach ($found[1] as $path) {
            self::assertFileExists(dirname(__DIR__, 2).'/'.$path);
        }
    }
}
