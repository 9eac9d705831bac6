<?php

declare(strict_types=1);

namespace Ondergrond;

use Ondergrond\Damp\DampVerdict;
use Ondergrond\Design\Design;
use Ondergrond\Design\Side;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\FloorHeating\CellProof;
use Ondergrond\FloorHeating\HeatedFloor;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Frost\FrostVerdict;
use Ondergrond\Ground\GroundField;
use Ondergrond\Heat\FieldHeat;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Heat\Junctions;
use Ondergrond\Heat\SteadyLoss;
use Ondergrond\Load\LoadVerdict;
use Ondergrond\Mass\MassStory;
use Ondergrond\Mass\MassVerdict;
use Ondergrond\Mass\Question\Answer;
use Ondergrond\Mass\Room;
use Ondergrond\Project\SetAside;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Consequence;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Judgement;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Rules\Ruling;
use Ondergrond\Rules\Rulings;
use Ondergrond\Rules\Subject;
use Ondergrond\Rules\Worse;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\Site;
use Ondergrond\Site\WinterUse;
use Ondergrond\Units\UnitSystem;

/** The one door: a site and a design go in, the assessment comes out. */
final class Assessor
{
    /** Of all sections together, for a first look. */
    private const ROUGH_CELLS = 10_000;

    /** In use, bytes; the fields of a basement take as much again. */
    private const ROOM = 100_000_000;

    /**
     * With the fields of all its sections, each of which takes a tenth of a second or two, but without the winters that prove
     * its frost verdict.
     *
     * @param  UnitSystem  $units  whose sizes the remedies take
     * @param  list<SetAside>  $setAside
     * @param  list<FrostProof>  $proofs  of the frost verdict, where they are there
     * @param  bool  $roughly  on meshes that are solved in a quarter of a second together; the figures then say so
     */
    public static function assess(
        Site $site,
        Design $design,
        UnitSystem $units = UnitSystem::Metric,
        array $setAside = [],
        array $proofs = [],
        bool $roughly = false,
    ): Assessment {
        // Subjects and what they propose hold each other: what went out of use goes before the next fields take their room.
        if (memory_get_usage() > self::ROOM) {
            gc_collect_cycles();
        }
        $heat = HeatVerdict::of($site, $design);
        $all = Stretch::all($design);
        $sides = GroundField::each($site, $all, mostCells: $roughly ? intdiv(self::ROUGH_CELLS, count($all)) : null);
        $field = FieldHeat::of($heat->floor, $sides);

        $frost = self::frost($site, $design)->proved($proofs);
        $damp = DampVerdict::of($site, $design, $sides);

        return new Assessment(
            $heat, $field, Junctions::of($field), LoadVerdict::of($site, $design),
            Judgement::of(new Subject($site, $design, $units, $field, $frost, $damp), $setAside), $frost, $damp,
            self::mass($site, $design), self::heatedFloor($site, $design),
        );
    }

    /** Frost by the sums and the table, at once; the winters that prove it follow by `proofs`. */
    public static function frost(Site $site, Design $design): FrostVerdict
    {
        return FrostVerdict::of($site, $design);
    }

    /**
     * The design winter on each side, one after the other; each takes several seconds.
     *
     * @param  list<WinterUse>  $uses
     * @param  (callable(): void)|null  $tick  is called each day, and may throw to stop
     * @return iterable<FrostProof>
     */
    public static function proofs(Site $site, Design $design, array $uses, ?callable $tick = null): iterable
    {
        $verdict = self::frost($site, $design);
        if ($verdict->reason !== null) {
            return;
        }
        $sides = GroundField::each($site, Stretch::all($design));
        foreach ($uses as $use) {
            foreach ($sides as $ground) {
                yield FrostProof::of($ground, $verdict->winter, $verdict->soil, $verdict->depth(), $use, tick: $tick);
            }
        }
    }

    /** The design winter on one stretch; its design is what is judged. */
    public static function proof(Site $site, Stretch $stretch, WinterUse $use, ?callable $tick = null): FrostProof
    {
        $verdict = self::frost($site, $stretch->design);

        return FrostProof::of(GroundField::along($site, $stretch), $verdict->winter, $verdict->soil, $verdict->depth(), $use, $tick);
    }

    /** Damp as far as it hangs on no field: water that is built in or presses, and the slab's drying. */
    public static function damp(Site $site, Design $design): DampVerdict
    {
        return DampVerdict::of($site, $design);
    }

    /** What its layers store, at once. */
    public static function mass(Site $site, Design $design): MassVerdict
    {
        return MassVerdict::of($site, $design);
    }

    /** How long its rooms stay warm where heating stops: a tenth of a second or two. */
    public static function cold(Site $site, Design $design): MassStory
    {
        return MassStory::cold($site, $design);
    }

    /** What its rooms do through hours and days, with other floors beside it: two or three seconds. */
    public static function story(Site $site, Design $design): MassStory
    {
        return MassStory::whole($site, $design);
    }

    /** One question of the story; null where it is none, or does not arise. */
    public static function answer(Site $site, Design $design, string $question): ?Answer
    {
        return MassStory::answer(Room::of($site, $design), $question);
    }

    /** What its heated floor gives, at once; null where nothing heats it. */
    public static function heatedFloor(Site $site, Design $design): ?HeatedFloor
    {
        return HeatedFloor::of($site, $design);
    }

    /** The same by fields: half a second. */
    public static function cellProof(Site $site, Design $design): ?CellProof
    {
        return CellProof::of($site, $design);
    }

    /** The formulas alone, at once: for lists of many designs. */
    public static function formulas(Site $site, Design $design): HeatVerdict
    {
        return HeatVerdict::of($site, $design);
    }

    /**
     * The rulebook alone, at once: what hangs on the field is not in it, nor what hangs on winters that are not given.
     *
     * @param  list<SetAside>  $setAside
     * @param  list<FrostProof>  $proofs
     */
    public static function judge(
        Site $site,
        Design $design,
        UnitSystem $units = UnitSystem::Metric,
        array $setAside = [],
        array $proofs = [],
    ): Judgement {
        return Judgement::of(
            new Subject($site, $design, $units, frost: $proofs === [] ? null : self::frost($site, $design)->proved($proofs)),
            $setAside,
        );
    }

    /**
     * What one verdict says without fields, at once and without looking for sizes that would mend it: for lists of many designs.
     *
     * @param  list<SetAside>  $setAside
     * @param  array<string, float>|null  $faces  U by face as drawn, where its field was solved before, W/(m²K)
     * @param  list<FrostProof>  $proofs  winters that were run before
     * @param  HeatVerdict|null  $heat  where that is there already
     */
    public static function ruling(
        Concern $concern,
        Site $site,
        Design $design,
        UnitSystem $units = UnitSystem::Metric,
        array $setAside = [],
        ?array $faces = null,
        array $proofs = [],
        ?HeatVerdict $heat = null,
    ): Ruling {
        $subject = self::listed($site, $design, $units, $faces, $proofs, $heat);

        return Rulings::one($subject, $concern, Rulebook::findings($subject, $concern), $setAside);
    }

    /**
     * All five without fields, at once and without looking for sizes that would mend them: for lists of many designs.
     *
     * @param  list<SetAside>  $setAside
     * @param  array<string, float>|null  $faces  U by face as drawn, where its field was solved before, W/(m²K)
     * @param  list<FrostProof>  $proofs  winters that were run before
     * @param  HeatVerdict|null  $heat  where that is there already
     */
    public static function rulings(
        Site $site,
        Design $design,
        UnitSystem $units = UnitSystem::Metric,
        array $setAside = [],
        ?array $faces = null,
        array $proofs = [],
        ?HeatVerdict $heat = null,
    ): Rulings {
        $subject = self::listed($site, $design, $units, $faces, $proofs, $heat);

        return Rulings::of($subject, Rulebook::findings($subject), $setAside);
    }

    /**
     * @param  array<string, float>|null  $faces
     * @param  list<FrostProof>  $proofs
     */
    private static function listed(Site $site, Design $design, UnitSystem $units, ?array $faces, array $proofs, ?HeatVerdict $heat): Subject
    {
        return new Subject(
            $site,
            $design,
            $units,
            frost: $proofs === [] ? null : self::frost($site, $design)->proved($proofs),
            faces: $faces,
            heat: $heat,
            proposes: false,
        );
    }

    /** What the floor loses over the year by its fields, without the swing of the year: for costing many designs. */
    public static function loss(Site $site, Design $design): SteadyLoss
    {
        return SteadyLoss::solved($site, $design);
    }

    /**
     * What a finding's remedy comes to by the fields: half a second each.
     *
     * @param  Assessment|null  $now  the design as it is, solved roughly; null: it is solved here
     * @return Consequence|null null where there is no remedy, or it cannot be built or changes no field
     */
    public static function consequence(Site $site, Design $design, Finding $finding, ?Assessment $now = null): ?Consequence
    {
        try {
            $then = $finding->remedy?->applied($design);
        } catch (FaultyInput) {
            return null;
        }
        if ($then === null || SteadyLoss::isSame($site, $design, $then)) {
            return null;
        }
        $now ??= self::assess($site, $design, roughly: true);
        $after = self::assess($site, $then, roughly: true);

        return new Consequence(
            self::loss($site, $design)->mean - self::loss($site, $then)->mean,
            Worse::figures($now->field, $now->damp), Worse::figures($after->field, $after->damp),
        );
    }
}
