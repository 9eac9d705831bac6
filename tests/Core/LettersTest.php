<?php

declare(strict_types=1);

namespace Tests\Core;

use DOMDocument;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\CsvWriter;
use Ondergrond\Exchange\PlainXml;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Units\Letters;
use PHPUnit\Framework\TestCase;

/** Letters that nobody sees and that do something. */
final class LettersTest extends TestCase
{
    public function test_a_name_is_something_to_read(): void
    {
        foreach (['Dyke Lane', 'A · as drawn', '₂', '家', '“x”', 'naïve – 3"', '👷', "family: \u{1F468}\u{200D}\u{1F469}"] as $name) {
            self::assertNull(Letters::notAName($name), $name);
        }
        foreach (['', ' ', "\u{a0}\u{3000}", "\u{200B}\u{200D}", "\u{FEFF}"] as $name) {
            self::assertSame('There is nothing to read in it.', Letters::notAName($name));
        }
        foreach (["a\0b" => 'U+0000', "a\x1b[31m" => 'U+001B', "a\u{202E}b" => 'U+202E', "a\u{85}" => 'U+0085',
            "a\nb" => 'U+000A', "\u{2066}x" => 'U+2066'] as $name => $letter) {
            self::assertStringContainsString("“{$letter}”", (string) Letters::notAName($name));
        }
        self::assertSame('It holds bytes that are no letters.', Letters::notAName("caf\xE9"));
    }

    public function test_a_file_with_such_a_name_is_refused_with_the_reason(): void
    {
        $file = json_decode(ProjectFile::write(Examples::boathouse()), true);
        foreach (["\u{200B} ", "a\u{202E}b", "a\u{0}b", "a\u{1b}[2J"] as $name) {
            foreach (['/name' => ['name'], '/options/0/name' => ['options', 0, 'name'],
                '/site/climate/name' => ['site', 'climate', 'name']] as $at => $path) {
                $other = $file;
                $place = &$other;
                foreach ($path as $step) {
                    $place = &$place[$step];
                }
                $place = $name;
                unset($place);
                try {
                    ProjectFile::read(json_encode($other, JSON_THROW_ON_ERROR));
                    self::fail("{$at} took it");
                } catch (FaultyInput $e) {
                    self::assertSame($at, $e->faults[0]->pointer);
                    self::assertStringContainsString('without control characters', $e->faults[0]->line());
                    self::assertDoesNotMatchRegularExpression('~[\x00-\x1f]|\x{202E}~u', $e->faults[0]->line(), 'and the line shows it');
                }
            }
        }
    }

    public function test_no_drawing_holds_them_whatever_it_is_given(): void
    {
        $xml = new PlainXml;
        $xml->openMemory();
        $xml->startElement('svg');
        $xml->writeAttribute('data-part', "a\0\x1b\u{202E}b");
        $xml->writeElement('title', "a\x0b\u{2067}b");
        $xml->text("a\x00\u{FFFE}\u{202A}b\n");
        $xml->endElement();
        $written = $xml->outputMemory();
        self::assertDoesNotMatchRegularExpression('~[\x00-\x08\x0b-\x1f]|[\x{202A}-\x{202E}\x{2066}-\x{2069}]~u', $written);
        $read = new DOMDocument;
        self::assertTrue($read->loadXML($written), 'it is XML');
    }

    public function test_a_cell_is_never_a_formula(): void
    {
        $cell = static fn (string $text): string => trim(substr(CsvWriter::write([[$text]]), 3), "\r\n\"");
        foreach (['=1+1', ' =1+1', "\u{a0}=1", "\u{3000}@SUM(A1)", '＝1+1', '＋1', '－x', '＠x', "\u{200B}=1", '-cmd', "\t=1",
            "\u{FEFF}=1"] as $formula) {
            self::assertStringStartsWith("'", $cell($formula), $formula);
        }
        foreach (['-5', '+3.2', 'a = b', '12 %', '−5', ' plain'] as $plain) {
            self::assertSame(trim($plain, ''), $cell($plain));
        }
    }

    public function test_a_terminal_is_shown_them(): void
    {
        self::assertSame("aU+001B[31mbU+202E\tc\n", Letters::escaped("a\x1b[31mb\u{202E}\tc\n"));
    }
}
