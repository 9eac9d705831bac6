<?php

declare(strict_types=1);

namespace Tests\Core;

use DOMDocument;
use Ondergrond\Assessor;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\DesignCodec;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\Schema;
use Ondergrond\Exchange\SiteCodec;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Site\Soil;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

/** Designs and sites drawn at random from all that the schema allows: each is refused in words, or drawn and judged. */
final class AnyDesignTest extends TestCase
{
    public function test_whatever_is_allowed_is_drawn_judged_and_kept(): void
    {
        mt_srand(20_261_125);
        $schema = json_decode((string) file_get_contents(Schema::Project->file()), true, flags: JSON_THROW_ON_ERROR);
        $taken = 0;
        for ($i = 0; $i < 320; $i++) {
            try {
                $design = DesignCodec::fromArray($this->anyOf(self::likes()[$i % count(self::likes())], $schema));
                $place = $this->chance($schema['$defs']['site'], $schema, SiteCodec::toArray(Examples::boathouse()->site));
                $place['soil'] = Soil::cases()[$i % 3]->value;
                $place['climate']['design_c'] = min($place['climate']['monthly_mean_c']) - $i % 4;
                $site = SiteCodec::fromArray($place);
            } catch (FaultyInput $e) {
                foreach ($e->faults as $fault) {
                    self::assertNotSame('', $fault->allowed);
                }

                continue;
            }
            $taken++;
            $heat = Assessor::formulas($site, $design);
            self::assertGreaterThan(0.0, $heat->floor->transmittance());
            self::assertLessThanOrEqual($heat->bare->transmittance() + 1e-12, $heat->floor->transmittance(), 'no board makes a floor worse');
            self::assertTrue(is_finite($heat->floor->design) && is_finite($heat->floor->heating) && $heat->floor->heating >= 0.0);
            $format = new QuantityFormatter(UnitSystem::cases()[$i % 2]);
            foreach (Assessor::judge($site, $design, $format->system)->findings as $judged) {
                self::assertMatchesRegularExpression('~^[A-Z0-9].+\.$~su', $judged->finding->said->in($format), 'however wrong a design is, every rule says it in a sentence');
            }
            if ($taken % 8 === 0) {
                $field = Assessor::assess($site, $design)->field;
                self::assertGreaterThan(0.0, $field->transmittance());
                // Where the pipes’ plane ends at the wall, the little that the wall takes in settles slowly.
                self::assertLessThan($design->heating->present() ? 0.08 : 0.02, $field->ground()->solution->refinement->flows, 'settled, or all but');
                self::assertEqualsWithDelta(0.0, $field->formulaGap() ?? 0.0, 0.35, 'the formula and its own floor in the field stay near each other');
                self::assertEqualsWithDelta($field->mean, array_sum($field->monthly) / 12, 1e-6 * (1 + abs($field->monthly[0])), 'a year of the wave averages out');
            }
            if ($taken % 10 === 0) {
                $drawing = SectionDrawing::of($design, new QuantityFormatter(UnitSystem::cases()[$i % 2]));
                self::assertTrue((new DOMDocument)->loadXML(SvgWriter::file($drawing, 'any', 'none')));
                $project = new Project('any', UnitSystem::Metric, $site, [new Option('any', false, '', $design)]);
                self::assertEquals($project, ProjectFile::read(ProjectFile::write($project)));
            }
        }
        self::assertGreaterThan(60, $taken, 'enough of them can be built');
    }

    /** @return list<Design> the designs of all examples */
    private static function likes(): array
    {
        static $designs = [];
        if ($designs === []) {
            foreach (Examples::all() as $project) {
                array_push($designs, ...array_column($project->options, 'design'));
            }
        }

        return $designs;
    }

    /**
     * What is left out stays out: a design with all parts at once can hardly ever be built.
     *
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private function anyOf(Design $like, array $schema): array
    {
        $data = DesignCodec::toArray($like);
        foreach ($this->chance($schema['$defs']['design'], $schema, $data) as $key => $part) {
            // Most parts stay as they are, for the same reason.
            if (mt_rand(0, 3) === 0 && (Part::tryFrom($key)?->of($like)->present() ?? true)) {
                $data[$key] = $part;
            }
        }

        return $data;
    }

    /**
     * @param  array<string, mixed>  $rule
     * @param  array<string, mixed>  $schema
     */
    private function chance(array $rule, array $schema, mixed $like): mixed
    {
        if (isset($rule['$ref'])) {
            $rule = $schema['$defs'][basename($rule['$ref'])] + $rule;
        }
        if (isset($rule['properties'])) {
            foreach ($rule['properties'] as $key => $inner) {
                $like[$key] = $this->chance($inner, $schema, $like[$key]);
            }

            return $like;
        }
        if (isset($rule['items'])) {
            return array_map(fn (mixed $item): mixed => $this->chance($rule['items'], $schema, $item), $like);
        }
        if (! isset($rule['minimum'])) {
            return $like;
        }

        // The ends themselves often, what lies near the example mostly, anything at times.
        return match (mt_rand(0, 9)) {
            0 => $rule['minimum'],
            1 => $rule['maximum'],
            2 => $rule['minimum'] + mt_rand() / mt_getrandmax() * ($rule['maximum'] - $rule['minimum']),
            default => $like === null ? null : max($rule['minimum'], min($rule['maximum'], $like * (0.7 + mt_rand() / mt_getrandmax()))),
        };
    }
}
