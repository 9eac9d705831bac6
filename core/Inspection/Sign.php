<?php

declare(strict_types=1);

namespace Ondergrond\Inspection;

/** What is seen, smelt or told. How much each speaks for a cause is common practice, no source: points, not chances. */
enum Sign: string
{
    case TideLine = 'tide-line';
    case WholeWallFoot = 'whole-foot';
    case OnePatch = 'one-patch';
    case FloorJoint = 'floor-joint';
    case Corners = 'corners';
    case ColdPipes = 'cold-pipes';
    case Mould = 'mould';
    case Salts = 'salts';
    case Peeling = 'peeling';
    case Rust = 'rust';
    case AfterRain = 'after-rain';
    case Winter = 'winter';
    case Summer = 'summer';
    case AlwaysSame = 'always-same';
    case Musty = 'musty';
    case NewBuild = 'new-build';
    case EvenEverywhere = 'even';
    case PipeNear = 'pipe-near';
    case Warm = 'warm';
    case MeterRuns = 'meter-runs';
    case GroundHigh = 'ground-high';
    case GutterLeaks = 'gutter';
    case FoilBehind = 'foil-behind';
    case FoilFront = 'foil-front';
    case MouldLarge = 'mould-large';
    case WoodSoft = 'wood-soft';
    case CrackWide = 'crack-wide';
    case WallBulges = 'wall-bulges';
    case Sewage = 'sewage';
    case Electrics = 'electrics';
    case WaterStands = 'water-stands';

    public function label(): string
    {
        return match ($this) {
            self::TideLine => 'a tide line at one height',
            self::WholeWallFoot => 'damp along the whole foot of the wall',
            self::OnePatch => 'one patch by itself',
            self::FloorJoint => 'wet where floor and wall meet',
            self::Corners => 'in corners, behind furniture, at the cold edge',
            self::ColdPipes => 'drops on cold pipes, panes or the slab',
            self::Mould => 'mould, black or green',
            self::Salts => 'white salts, like down or crust',
            self::Peeling => 'paint or plaster comes off',
            self::Rust => 'rusty nails or fittings',
            self::AfterRain => 'worse after rain',
            self::Winter => 'worse in cold weather',
            self::Summer => 'worse on warm muggy days',
            self::AlwaysSame => 'the same all year',
            self::Musty => 'musty smell',
            self::NewBuild => 'built or poured within two years',
            self::EvenEverywhere => 'damp alike all over',
            self::PipeNear => 'water, heating or drain pipes beside it',
            self::Warm => 'the patch is warm',
            self::MeterRuns => 'the water meter turns with all taps shut, or pressure falls',
            self::GroundHigh => 'ground or paving outside above the damp course',
            self::GutterLeaks => 'gutter or downpipe leaks there, or the ground falls to the wall',
            self::FoilBehind => 'foil test: wet behind the foil',
            self::FoilFront => 'foil test: wet on the foil’s face',
            self::MouldLarge => 'mould over more than 1 m² (10 ft²), or somebody is ill from it',
            self::WoodSoft => 'wood is soft, or fungus grows on it',
            self::CrackWide => 'a crack wider than 3 mm (1/8 in), or one that grows',
            self::WallBulges => 'the wall leans or bulges',
            self::Sewage => 'it smells of sewage',
            self::Electrics => 'water near wiring, sockets or the fuse board',
            self::WaterStands => 'water stands or runs in',
        };
    }

    /** Under which heading it is asked. */
    public function group(): string
    {
        return match ($this) {
            self::TideLine, self::WholeWallFoot, self::OnePatch, self::FloorJoint, self::Corners, self::ColdPipes,
            self::EvenEverywhere, self::WaterStands => 'Where',
            self::Mould, self::Salts, self::Peeling, self::Rust, self::Musty, self::Warm => 'What',
            self::AfterRain, self::Winter, self::Summer, self::AlwaysSame, self::NewBuild => 'When',
            self::PipeNear, self::MeterRuns, self::GroundHigh, self::GutterLeaks, self::FoilBehind, self::FoilFront => 'Looked at',
            default => 'Take care',
        };
    }

    /** @return array<string, int> points for or against, by cause */
    public function points(): array
    {
        return match ($this) {
            self::TideLine => ['rising' => 4, 'penetrating' => -1, 'condensation' => -2],
            self::WholeWallFoot => ['rising' => 2, 'penetrating' => 1, 'condensation' => 1],
            self::OnePatch => ['penetrating' => 2, 'plumbing' => 2, 'rising' => -2, 'construction' => -2],
            self::FloorJoint => ['penetrating' => 3],
            self::Corners => ['condensation' => 3, 'rising' => -1],
            self::ColdPipes => ['condensation' => 4],
            self::EvenEverywhere => ['construction' => 2, 'condensation' => 1, 'plumbing' => -2, 'penetrating' => -1],
            self::WaterStands => ['penetrating' => 3, 'plumbing' => 2, 'condensation' => -2],
            self::Mould => ['condensation' => 2, 'rising' => -1],
            self::Salts => ['rising' => 2, 'penetrating' => 2, 'condensation' => -3],
            self::Peeling => ['rising' => 1, 'penetrating' => 1],
            self::Rust => ['rising' => 1, 'condensation' => 1],
            self::Musty => ['condensation' => 1, 'rising' => 1],
            self::Warm => ['plumbing' => 4],
            self::AfterRain => ['penetrating' => 4, 'condensation' => -2, 'plumbing' => -2, 'construction' => -1],
            self::Winter => ['condensation' => 3],
            self::Summer => ['condensation' => 3, 'rising' => -1],
            self::AlwaysSame => ['rising' => 2, 'plumbing' => 2, 'condensation' => -2],
            self::NewBuild => ['construction' => 4],
            self::PipeNear => ['plumbing' => 2],
            self::MeterRuns => ['plumbing' => 5],
            self::GroundHigh => ['rising' => 2, 'penetrating' => 2],
            self::GutterLeaks => ['penetrating' => 3],
            self::FoilBehind => ['condensation' => -4, 'rising' => 2, 'penetrating' => 2, 'construction' => 2, 'plumbing' => 1],
            self::FoilFront => ['condensation' => 4, 'rising' => -2, 'penetrating' => -2],
            self::Sewage => ['plumbing' => 4],
            default => [],
        };
    }

    /** Who must be asked before anything is done, a sentence; null where nobody need be. */
    public function specialist(): ?string
    {
        return match ($this) {
            self::MouldLarge => 'Mould over a large face, or a health complaint: a mould specialist before anything is disturbed.',
            self::WoodSoft => 'Soft wood or fungus: a timber specialist; what carries may have lost its strength.',
            self::CrackWide => 'A wide or growing crack: a structural engineer.',
            self::WallBulges => 'A wall that leans or bulges: keep away from it and call a structural engineer today.',
            self::Sewage => 'Sewage: a drain specialist, and no bare hands.',
            self::Electrics => 'Water near electricity: switch it off at the main if that is safe, keep out, call an electrician.',
            self::WaterStands => 'Standing water: no electric tools or leads in it; if it comes faster than it is pumped, call for help.',
            default => null,
        };
    }
}
