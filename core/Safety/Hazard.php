<?php

declare(strict_types=1);

namespace Ondergrond\Safety;

use Ondergrond\Design\Below;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Section\Levels;
use Ondergrond\Site\Presence;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;

/** What can hurt somebody at this foundation, one plain line each, tied to the parts where it arises. Common practice, no source. */
enum Hazard: string
{
    case Trench = 'trench';
    case BuriedServices = 'buried-services';
    case Blasting = 'blasting';
    case Crawlspace = 'crawlspace';
    case WetCement = 'wet-cement';
    case Dust = 'dust';
    case Handling = 'handling';
    case BurningFoam = 'burning-foam';
    case Vapours = 'vapours';
    case AirTest = 'air-test';
    case CableAndPump = 'cable-and-pump';
    case Radon = 'radon';
    case Mould = 'mould';
    case Loads = 'loads';

    public function line(): string
    {
        return match ($this) {
            self::Trench => 'Trenches fall in without warning: shore or slope them before anyone climbs in, and keep spoil and '
                .'machines off the edge.',
            self::BuriedServices => 'Have cables, gas and water located before the first bucket, and dig by hand beside them.',
            self::Blasting => 'Rock is blasted by licensed people only; clear the ground, cover the shot, look at the neighbours first.',
            self::Crawlspace => 'A crawlspace is a confined space: air it, test the air, keep somebody outside.',
            self::WetCement => 'Wet cement burns skin and eyes: boots, gloves, glasses, and water at hand.',
            self::Dust => 'Cutting and grinding concrete makes silica dust: cut wet, draw it off, wear a mask that fits.',
            self::Handling => 'Boards catch the wind and bags break backs: two to a sheet, lift by machine.',
            self::BurningFoam => 'Foam burns fast with poisonous smoke: no flame or hot work near it, and a barrier over it towards rooms.',
            self::Vapours => 'Adhesives, primers and spray foam give off vapours: air the place, wear what the label asks, no flame.',
            self::AirTest => 'Tubing under air pressure can burst: stand clear of ends and fittings, never above its rated pressure.',
            self::CableAndPump => 'Heating cable and pumps near water: isolate them, on a residual-current device, by an electrician.',
            self::Radon => 'Radon cannot be seen or smelt: measure it in the finished building, whatever was laid.',
            self::Mould => 'Mould in an old cellar: wear a mask and gloves, and dry the cause before it is covered.',
            self::Loads => 'Bearing, posts and backfill are a structural matter: no wall is backfilled before it is braced at its top.',
        };
    }

    /** @return non-empty-list<Part> where it arises */
    public function parts(): array
    {
        return match ($this) {
            self::Trench => [Part::Footing, Part::Beam, Part::Drains, Part::Wing, Part::Walkout],
            self::BuriedServices => [Part::Footing, Part::Beam, Part::Wing, Part::Service],
            self::Blasting => [Part::Footing, Part::Pads],
            self::Crawlspace => [Part::Deck, Part::Space],
            self::WetCement => [Part::Slab, Part::Screed, Part::Footing],
            self::Dust => [Part::Slab, Part::Stem],
            self::Handling => [Part::Field, Part::EdgeOutside, Part::Form],
            self::BurningFoam => [Part::Field, Part::Form, Part::Lining, Part::EdgeOutside],
            self::Vapours => [Part::Membrane, Part::Lining],
            self::AirTest, self::CableAndPump => [Part::Heating],
            self::Radon => [Part::Sheet],
            self::Mould => [Part::Lining],
            self::Loads => [Part::Stem, Part::Pads, Part::Supports, Part::Loads],
        };
    }

    /** Whether it arises at this design on this site. */
    public function isAt(Site $site, Design $design): bool
    {
        return match ($this) {
            self::Trench => self::isBuilt($design, Part::Stem, Part::Footing, Part::Beam, Part::Drains, Part::Wing),
            // An old floor is cut and drilled as well.
            self::BuriedServices => true,
            self::Blasting => $site->soil === Soil::Rock,
            self::Crawlspace => $design->deck->present() && (
                $design->space->kind === Below::Vented
                || (Levels::headroom($design) ?? INF) < 1.5
            ),
            self::WetCement => self::isBuilt($design, Part::Slab, Part::Screed, Part::Stem) && ! self::isDry($design),
            self::Dust => $design->slab->present() || $design->screed->present() || $design->stem->present(),
            self::Handling => true,
            self::BurningFoam => self::anyFoam($design),
            self::Vapours => $design->membrane->present() || $design->lining->present(),
            self::AirTest, self::CableAndPump => $design->heating->present(),
            self::Radon => $site->radon !== Presence::No,
            self::Mould => $design->standing->has(Part::Stem),
            self::Loads => self::isBuilt($design, Part::Stem, Part::Pads, Part::Supports) || $design->loads->present(),
        };
    }

    /** @return list<self> */
    public static function at(Site $site, Design $design): array
    {
        return array_values(array_filter(self::cases(), static fn (self $h): bool => $h->isAt($site, $design)));
    }

    /** Whether any of them is to be built. */
    private static function isBuilt(Design $design, Part ...$parts): bool
    {
        return array_filter($parts, static fn (Part $p): bool => $design->isNew($p)) !== [];
    }

    /** Whether of all that is new nothing is cast. */
    private static function isDry(Design $design): bool
    {
        return $design->hasPanels() && ! self::isBuilt($design, Part::Slab, Part::Stem, Part::Footing);
    }

    private static function anyFoam(Design $d): bool
    {
        foreach ([
            $d->fieldBoard,
            $d->perimeterBoard->layer,
            $d->boardAbove,
            $d->edgeInside->layer,
            $d->edgeOutside->layer,
            $d->edgeUnder,
            $d->wing->layer,
            ...$d->lining->layers,
        ] as $layer) {
            if ($layer->present() && $layer->material->kind->isFoam()) {
                return true;
            }
        }

        return $d->form->present();
    }
}
