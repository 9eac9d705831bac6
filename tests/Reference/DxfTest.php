<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Side;
use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\DxfWriter;
use Ondergrond\Section\Stretch;
use Ondergrond\Units\QuantityFormatter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** DXF release 12, as Debian's python3-ezdxf reads it: whole, audited without an error, true to scale. */
final class DxfTest extends TestCase
{
    private const READ = <<<'PY'
        import json, sys, ezdxf
        from ezdxf.lldxf.encoding import decode_dxf_unicode
        doc = ezdxf.readfile(sys.argv[1])
        errors = [str(e.message) for e in doc.audit().errors]
        space = doc.modelspace()
        layers = {}
        for e in space:
            layers[e.dxf.layer] = layers.get(e.dxf.layer, 0) + 1
        cut = ('CUT_CONCRETE', 'STANDS_ALREADY')
        concrete = [e for e in space.query('POLYLINE') if e.dxf.layer.startswith(cut) and e.is_closed]
        outlines = [[list(v.dxf.location)[:2] for v in e.vertices] for e in concrete]
        print(json.dumps({'version': doc.dxfversion, 'errors': errors, 'layers': layers, 'known': sorted(l.dxf.name for l in doc.layers),
                          'texts': [decode_dxf_unicode(e.dxf.text) for e in space.query('TEXT')], 'outlines': outlines}))
        PY;

    #[DataProvider('families')]
    public function test_another_program_opens_the_section_of_every_family(string $family): void
    {
        $project = Examples::of($family);
        self::assertNotNull($project);
        $design = $project->options[0]->design;
        foreach (array_column(Stretch::all($design), 'kind') as $side) {
            $drawing = SectionDrawing::of($design, new QuantityFormatter($project->units), $side)->without(Role::Level);
            $found = self::read(DxfWriter::write($drawing, $project->name, 'sha256:0'));
            self::assertSame('AC1009', $found['version']);
            self::assertSame([], $found['errors']);
            self::assertSame([], array_diff(array_keys($found['layers']), $found['known']), 'every layer used is in the table');
            self::assertGreaterThan(3, $found['layers']['DIMENSION'] ?? 0);
            self::assertGreaterThan(10, $found['layers']['HATCH'] ?? 0, 'hatches are plain strokes');
            $widths = array_map(
                static fn (array $o): float => max([0.0, ...array_column($o, 0)]) - min([0.0, ...array_column($o, 0)]),
                $found['outlines'],
            );
            if ($design->footing->present() && $side !== Side::Walkout) {
                // Millimetres of the building: the footing reaches as far to either side of the stem's middle.
                $half = 500 * $design->footing->width;
                $middle = -500 * $design->stem->layer->thickness;
                self::assertNotSame(
                    [],
                    array_filter(
                        $found['outlines'],
                        static fn (array $o): bool => abs(min([INF, ...array_column($o, 0)]) - $middle + $half) < 0.01
                            && abs(max([-INF, ...array_column($o, 0)]) - $middle - $half) < 0.01,
                    ),
                );
            } else {
                self::assertGreaterThan(1000.0, max([0.0, ...$widths]));
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (array_keys(Families::all()) as $slug) {
            yield $slug => [$slug];
        }
    }

    public function test_words_that_ascii_lacks_survive_and_no_value_breaks_a_line(): void
    {
        $drawing = SectionDrawing::of(Examples::boathouse()->options[0]->design, new QuantityFormatter(Examples::boathouse()->units));
        $dxf = DxfWriter::write($drawing, "Größe\r\n  0\r\nEOF\r\n½ שלום", 'sha256:0');
        self::assertSame(0, preg_match('~[^\x20-\x7e\r\n]~', $dxf));
        $found = self::read($dxf);
        self::assertSame([], $found['errors']);
        self::assertContains("\u{b1}0", $found['texts'], 'the datum keeps its sign');
    }

    /** @return array<string, mixed> */
    private static function read(string $dxf): array
    {
        $file = tempnam(sys_get_temp_dir(), 'dxf');
        self::assertIsString($file);
        file_put_contents($file, $dxf);
        $process = new Process(['/usr/bin/python3', '-c', self::READ, $file], timeout: 120);
        $process->mustRun();
        unlink($file);

        return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }
}
