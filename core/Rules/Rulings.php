<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Heat\FloorLimit;
use Ondergrond\Project\SetAside;
use Ondergrond\Site\ClimateSource;
use Ondergrond\Verdict\Severity;
use Ondergrond\Verdict\Verdict;

/** The verdicts of one design, none of them better than its worst finding, none green whose method was not run. */
final readonly class Rulings
{
    /** @param  array<string, Ruling>  $all  by concern */
    private function __construct(private array $all) {}

    /**
     * @param  list<Finding>  $found  all that the rulebook finds of the subject
     * @param  list<SetAside>  $setAside
     */
    public static function of(Subject $subject, array $found, array $setAside = []): self
    {
        $all = [];
        foreach (Concern::verdicts() as $concern) {
            $all[$concern->value] = self::one(
                $subject,
                $concern,
                array_values(array_filter($found, static fn (Finding $f): bool => $f->rule->concern() === $concern)),
                $setAside,
            );
        }

        return new self($all);
    }

    /**
     * One of them.
     *
     * @param  list<Finding>  $found  what the rulebook finds of that verdict
     * @param  list<SetAside>  $setAside
     */
    public static function one(Subject $subject, Concern $concern, array $found, array $setAside = []): Ruling
    {
        return self::ruling($subject, $concern, $found, array_column($setAside, null, 'rule'));
    }

    public function on(Concern $concern): Ruling
    {
        return $this->all[$concern->value];
    }

    /** @return array<string, Ruling> by concern */
    public function all(): array
    {
        return $this->all;
    }

    /** The gravest of them: what stands over the whole. */
    public function worst(): Ruling
    {
        $all = array_values($this->all);
        usort($all, static fn (Ruling $a, Ruling $b): int => $a->word->rank() <=> $b->word->rank());

        return $all[0];
    }

    /** The same where one verdict was reached before, with what is not at hand now. */
    public function knowing(Concern $concern, Verdict $word): self
    {
        return new self([...$this->all, $concern->value => $this->on($concern)->saying($word)]);
    }

    /**
     * @param  list<Finding>  $found  of the concern
     * @param  array<string, SetAside>  $aside  by rule
     */
    private static function ruling(Subject $subject, Concern $concern, array $found, array $aside): Ruling
    {
        [$word, $share, $method, $shares] = self::sums($subject, $concern);
        if (self::lacksClimate($subject, $concern)) {
            [$word, $share, $method] = [Verdict::NotChecked, null, 'the climate is not known yet'];
        }
        $provisional = $concern !== Concern::Load && $subject->site->climate->source->isProvisional();
        usort(
            $found,
            static fn (Finding $a, Finding $b): int => [
                $a->severity->rank(),
                isset($aside[$a->rule->id()]),
            ] <=> [$b->severity->rank(), isset($aside[$b->rule->id()])],
        );
        // Not checked ranks after a note in the list, before it in the word.
        foreach ([[Verdict::Fails, [Severity::Stop, Severity::Fix]], [Verdict::NotChecked, [Severity::NotChecked]]] as [$at, $weights]) {
            $grave = array_values(array_filter($found, static fn (Finding $f): bool => in_array($f->severity, $weights, true)));
            if ($grave !== [] && $at->rank() <= $word->rank()) {
                $open = array_values(array_filter($grave, static fn (Finding $f): bool => ! isset($aside[$f->rule->id()])));
                $worst = $open[0] ?? $grave[0];

                return new Ruling(
                    $concern, $at, $share, $method, $worst, $open === [] ? $aside[$worst->rule->id()] : null, $shares, $provisional,
                );
            }
        }

        return new Ruling($concern, $word, $share, $method, $found[0] ?? null, null, $shares, $provisional);
    }

    /** U of a floor and stress hang on no climate; of frost its own verdict says so. */
    private static function lacksClimate(Subject $s, Concern $concern): bool
    {
        return $s->site->climate->source === ClimateSource::NotKnown && match ($concern) {
            Concern::Damp => true,
            Concern::Mass => $s->heatedFloor() !== null,
            default => false,
        };
    }

    /** @return array{Verdict, float|null, string, array<string, float>} word, share, method and shares by its sums alone */
    private static function sums(Subject $s, Concern $concern): array
    {
        switch ($concern) {
            case Concern::Heat:
                $limit = FloorLimit::of($s->heat(), $s->faces);

                return [
                    $limit->word(),
                    $limit->share(),
                    $limit->method(),
                    $limit->formula === null || $limit->drawn === null ? [] : ['formula' => $limit->formula, 'as_drawn' => $limit->drawn],
                ];
            case Concern::Frost:
                $frost = $s->frost();

                return [
                    $frost->word(), $frost->share(),
                    $frost->reason !== null ? ($frost->isSafe ? 'no winter is needed' : 'no winter can be run') : (
                        $frost->closest() === null
                        ? 'table and depth; the winter is not run'
                        : 'the design winter on the sections, table and depth'
                    ),
                    [],
                ];
            case Concern::Damp:
                return [
                    $s->damp()->word(), $s->damp()->share(),
                    $s->damp()->stacks === null ? 'water and drying; the sections are not solved' : 'vapour by month, faces, water, drying',
                    [],
                ];
            case Concern::Load:
                return [$s->load->word(), $s->load->share(), 'stress by 45° spread', []];
            default:
                $floor = $s->heatedFloor();

                return $floor === null
                    ? [Verdict::Shown, null, 'ISO 13786; nothing is held against a limit', []]
                    : [
                        Verdict::gravest($floor->surfaceWord(), $floor->outputWord()),
                        max($floor->surfaceShare(), 1 / max(0.01, $floor->covers())), 'resistances of ISO 11855-2', [],
                    ];
        }
    }
}
