<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Damp\DampStack;
use Ondergrond\Damp\Surface;
use Ondergrond\Heat\FieldHeat;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Load\BearingCheck;
use Ondergrond\Load\LoadVerdict;
use Ondergrond\Load\SoilCheck;
use Ondergrond\Rules\Ruling;
use Ondergrond\Site\Calendar;
use Ondergrond\Site\WinterUse;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Verdict\Severity;
use Ondergrond\Verdict\Verdict;

/** The five verdicts of a design at a glance. Words are the rulings'; nothing here decides one. */
final readonly class Cores
{
    /** In which order what is judged of damp is looked at for the one to show. */
    private const DAMP = ['surfaces', 'stacks', 'traps', 'water', 'drying'];

    /** °C that rooms fall to when heating stops: when pipes and stores are not yet in danger. */
    private const COOL = 10;

    public function __construct(private QuantityFormatter $format) {}

    public function heat(HeatVerdict $heat, ?FieldHeat $field, Ruling $ruling): Core
    {
        $limit = $heat->floor->site->floorLimit;
        $u = fn (float $value): string => $this->format->number($value, Quantity::Transmittance);
        $drawn = $field === null ? 'as drawn: being worked out' : ($field->isRough() ? '≈ ' : '').$u($field->transmittance()).' as drawn';
        $face = count($heat->floor->formula->faces()) > 1 ? ', floor and wall' : '';

        return new Core(
            'heat', 'Heat', $ruling,
            $limit === null ? [] : ($ruling->shares === [] ? self::known($heat->share) : array_values($ruling->shares)),
            $u($heat->floor->transmittance()),
            ($limit === null ? $this->format->unit(Quantity::Transmittance) : 'of '.$this->format->format($limit, Quantity::Transmittance))
                .' by the standard'.$face,
            $this->because($ruling, $drawn),
        );
    }

    public function frost(FrostPage $frost): Core
    {
        $verdict = $frost->verdict;
        if ($verdict->reason !== null) {
            return new Core('frost', 'Frost', $frost->ruling, [], '', $verdict->reason);
        }
        $own = $verdict->site->frost->use;
        $proof = $verdict->closest();
        $others = [];
        foreach (WinterUse::cases() as $use) {
            if ($use !== $own && ($other = $verdict->closest($use)) !== null) {
                $others[] = $frost->margin($other).' '.$use->label();
            }
        }

        return new Core(
            'frost', 'Frost', $frost->ruling, self::known($verdict->share()),
            $proof === null ? '' : $frost->margin($proof),
            match (true) {
                $proof === null => 'the design winter is not run yet',
                ! is_finite($proof->margin) => self::while($own),
                $proof->margin < 0.0 => $own === WinterUse::Heated ? 'even while heated' : self::while($own),
                default => 'to spare '.self::while($own),
            },
            $others !== [] ? implode(' · ', $others) : $this->because($frost->ruling, ''),
        );
    }

    public function damp(DampPage $damp): Core
    {
        $v = $damp->verdict;
        $words = $v->words();
        $gravest = Verdict::gravest(...array_values($words));
        $what = 'surfaces';
        foreach (self::DAMP as $one) {
            if ($words[$one] === $gravest && $gravest !== Verdict::Holds) {
                $what = $one;
                break;
            }
        }
        $shares = self::known($v->share());
        $face = $v->dampest();
        if ($what === 'surfaces' && $face !== null) {
            return new Core(
                'damp', 'Damp', $damp->ruling, $shares, $damp->share($face->humidity[$face->worstMonth() - 1]),
                sprintf('of %s at the %s, %s', $damp->share(Surface::LIMIT), $face->name, Calendar::MONTHS[$face->worstMonth() - 1]),
                match (count($damp->seen)) {
                    0 => $this->kept($v->wettest()),
                    1 => 'one damp place was looked at',
                    default => count($damp->seen).' damp places were looked at',
                },
            );
        }

        return new Core(
            'damp', 'Damp', $damp->ruling, $shares, '', $v->stacks === null && $gravest === Verdict::NotChecked
                ? 'being worked out'
                : rtrim($damp->said($what), '.'),
        );
    }

    public function mass(MassPage $mass): Core
    {
        $hours = $mass->mass->told?->cooling();
        $heated = $mass->mass->heated;
        $stops = $hours === null ? '' : ($hours[self::COOL] === null ? 'over 20 days' : MassPage::time($hours[self::COOL]));

        return new Core(
            'mass', 'Mass', $mass->ruling, self::known($mass->ruling->share), $stops,
            $stops === '' ? 'hours are being simulated' : 'to '.$mass->warm((float) self::COOL).' when heating stops',
            $heated === null ? '' : sprintf(
                'floor gives %s of %s', $this->format->number($heated->output, Quantity::HeatFlux),
                $this->format->format($heated->need, Quantity::HeatFlux),
            ),
        );
    }

    public function load(LoadVerdict $load, Ruling $ruling): Core
    {
        $shares = self::known($load->share());
        $missing = $load->missing === [] ? '' : 'not given: '.implode(', ', $load->missing);
        $all = [...array_filter($load->boards, static fn (BearingCheck $c): bool => $c->share() !== null), ...$load->soil];
        usort($all, static fn (BearingCheck|SoilCheck $a, BearingCheck|SoilCheck $b): int => $b->share() <=> $a->share());
        if ($all === []) {
            return new Core('load', 'Load', $ruling, [], '', $missing === '' ? 'nothing bears on a board' : $missing);
        }
        [$stress, $may, $where] = $this->stress($all[0]);

        return new Core(
            'load', 'Load', $ruling, $shares, $this->format->number($stress, Quantity::Stress),
            'of '.$this->format->format($may, Quantity::Stress).' '.$where, $this->because($ruling, $missing),
        );
    }

    /** @return array{float, float, string} what is there, what may be, and on what */
    private function stress(BearingCheck|SoilCheck $check): array
    {
        if ($check instanceof SoilCheck) {
            return [$check->stress, $check->allowable(), $check->where === 'edge' ? 'on the ground under the edge'
                : 'on the ground under a post'];
        }
        $lasting = $check->permanent * BearingCheck::LONG > $check->total * BearingCheck::SHORT;

        return [
            $lasting ? $check->permanent : $check->total, (float) ($lasting ? $check->allowableLong() : $check->allowableShort()),
            match ($check->where) {
                'field' => 'on the middle board',
                'perimeter' => 'on the perimeter board',
                'on-slab' => 'on the board on the slab',
                'edge' => 'on the board under the bearing',
                default => 'on the board under a post',
            },
        ];
    }

    private function kept(?DampStack $stack): string
    {
        return match (true) {
            $stack === null, $stack->year->peak < DampStack::TRACE => 'nothing condenses in the layers',
            $stack->isKept() => $this->format->format($stack->year->left, Quantity::Water).' stays each year in the '
                .mb_strtolower($stack->label),
            default => 'up to '.$this->format->format($stack->year->peak, Quantity::Water).' in the '.mb_strtolower($stack->label)
                .', dries',
        };
    }

    /** The finding that a word hangs on where its own sums do not tell why it fails, else something else. */
    private function because(Ruling $ruling, string $else): string
    {
        $worst = $ruling->worst;

        return $ruling->word === Verdict::Fails && ($ruling->share ?? 0.0) <= 1.0 && $worst !== null
            && in_array($worst->severity, [Severity::Stop, Severity::Fix], true) ? $worst->said->in($this->format) : $else;
    }

    /** @return list<float> */
    private static function known(?float $share): array
    {
        return $share === null ? [] : [$share];
    }

    private static function while(WinterUse $use): string
    {
        return match ($use) {
            WinterUse::Heated => 'only while heated',
            WinterUse::SetBack => 'set back',
            WinterUse::Unheated => 'without heat',
        };
    }
}
