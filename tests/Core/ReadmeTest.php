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

    public function test_every_file_and_test_that_documents_name_is_there(): void
    {
        $root = dirname(__DIR__, 2);
        $tests = implode(' ', self::files('tests/{*,*/*}/*.php'));
        $named = 0;
        foreach (self::files('{README,docs/*,docs/*/*,core/*/README,app/*/README}.md') as $document) {
            $text = (string) file_get_contents($document);
            // A number of a version stands for each.
            preg_match_all('~\b(?:core|app|tests|resources|bin|docs)/[\w/.-]*[\w]~', str_replace('-N.', '-1.', $text), $paths);
            foreach ($paths[0] as $path) {
                self::assertTrue(file_exists("{$root}/{$path}") || file_exists("{$root}/{$path}.php"), "{$document}: {$path}");
            }
            preg_match_all('~\b[A-Z]\w+Test\b~', $text, $names);
            foreach ($names[0] as $name) {
                self::assertStringContainsString("/{$name}.php", $tests, $document);
            }
            $named += count($paths[0]) + count($names[0]);
        }
        self::assertGreaterThan(200, $named);
    }

    /** @return list<string> */
    private static function files(string $pattern): array
    {
        $found = glob(dirname(__DIR__, 2).'/'.$pattern, GLOB_BRACE);

        return $found === false ? [] : $found;
    }
}
