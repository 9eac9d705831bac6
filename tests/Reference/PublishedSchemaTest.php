<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Codec\Schema;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Fault\Fault;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The published JSON Schema (draft 2020-12) as a validator in another language, Ajv, reads it. */
final class PublishedSchemaTest extends TestCase
{
    public function test_another_validator_takes_what_we_write(): void
    {
        $written = array_map(static fn ($p): mixed => json_decode(ProjectFile::write($p), true), Examples::all());
        self::assertSame(array_fill(0, count($written), []), self::judge($written));
    }

    public function test_another_validator_objects_where_we_do(): void
    {
        $documents = $ours = [];
        foreach ([
            static function (array &$p): void {
                $p['options'][0]['design']['field_board']['thickness_m'] = -0.05;
            },
            static function (array &$p): void {
                $p['options'][0]['design']['slab']['thickness_m'] = 'four';
                $p['site']['climate']['monthly_mean_c'][3] = 99;
            },
            static function (array &$p): void {
                $p['site']['soil'] = 'peat';
                $p['name'] = '';
            },
            static function (array &$p): void {
                $p['options'][0]['design']['wall']['inside'] = [];
                $p['options'][0]['design']['wall']['outside'] = array_fill(0, 9, $p['options'][0]['design']['wall']['outside'][0]);
            },
            static function (array &$p): void {
                $p['site']['floor_limit_w_m2k'] = 0;
            },
        ] as $break) {
            $project = json_decode(ProjectFile::write(Examples::boathouse()), true, flags: JSON_THROW_ON_ERROR);
            $break($project);
            $documents[] = $project;
            $objects = json_decode(json_encode($project, JSON_THROW_ON_ERROR), flags: JSON_THROW_ON_ERROR);
            $ours[] = self::sorted(array_map(static fn (Fault $f): string => $f->pointer, Schema::Project->faults($objects)));
        }
        self::assertSame($ours, array_map(self::sorted(...), self::judge($documents)));
        self::assertNotContains([], $ours);
    }

    /**
     * @param  list<mixed>  $documents
     * @return list<list<string>> where it objects, as JSON pointers
     */
    private static function judge(array $documents): array
    {
        $schema = json_decode(Schema::Project->text(), flags: JSON_THROW_ON_ERROR);
        $node = new Process(
            ['node', __DIR__.'/validate.mjs'],
            dirname(__DIR__, 2),
            input: json_encode(['schema' => $schema, 'documents' => $documents], JSON_THROW_ON_ERROR),
        );

        return json_decode($node->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }

    /**
     * @param  list<string>  $pointers
     * @return list<string>
     */
    private static function sorted(array $pointers): array
    {
        $pointers = array_unique($pointers);
        sort($pointers);

        return $pointers;
    }
}
