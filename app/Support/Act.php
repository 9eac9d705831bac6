<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use Ondergrond\Design\Part;
use Ondergrond\Design\Schools\Schools;
use Ondergrond\Exchange\DesignCodec;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Place;
use Ondergrond\Units\QuantityFormatter;

/**
 * A change of the bench that is no field: a school to follow (`school:frost:wing`), a layer more or less in a list
 * (`add:lining.layers`, `remove:lining.layers:0`).
 */
final class Act
{
    /** Of a layer that is new, m. */
    private const NEW_LAYER = 0.05;

    /**
     * @param  array<string, mixed>  $design  as in project files
     * @return array<string, mixed>
     *
     * @throws ValidationException where there is no such act, or the parts cannot be built so
     */
    public static function on(array $design, string $act, QuantityFormatter $format): array
    {
        $words = explode(':', $act);
        try {
            $done = match (count($words) > 1 ? $words[0] : '') {
                'school' => self::school($design, $words[1], $words[2] ?? ''),
                'add' => self::added($design, $words[1]),
                'remove' => self::removed($design, $words[1], (int) ($words[2] ?? -1)),
                default => null,
            };
        } catch (FaultyInput $e) {
            throw ValidationException::withMessages(FaultMessages::of($e, $format, 'design.'));
        }

        return $done ?? throw ValidationException::withMessages(['act' => 'There is no such change.']);
    }

    /**
     * @param  array<string, mixed>  $design
     * @return array<string, mixed>|null
     */
    private static function school(array $design, string $slug, string $answer): ?array
    {
        $school = Schools::all()[$slug] ?? null;
        $now = DesignCodec::fromArray($design);

        return $school === null || $school->answer($now) === null || ! isset($school->answers()[$answer]) ? null : DesignCodec::toArray($school->follow($now, $answer));
    }

    /**
     * @param  array<string, mixed>  $design
     * @return array<string, mixed>|null
     */
    private static function added(array $design, string $list): ?array
    {
        $layers = Arr::get($design, $list);
        if (! is_array($layers) || ! array_is_list($layers) || substr_count($list, '.') !== 1) {
            return null;
        }
        $place = Part::tryFrom(explode('.', $list)[0])?->place() ?? Place::Wall;
        $insulation = array_values(array_filter(Catalogue::for($place), static fn ($m): bool => $m->conductivity < 0.06))[0];
        Arr::set($design, $list, [...$layers, ['material' => $insulation->slug, 'thickness_m' => self::NEW_LAYER]]);

        return DesignCodec::toArray(DesignCodec::fromArray($design));
    }

    /**
     * @param  array<string, mixed>  $design
     * @return array<string, mixed>|null
     */
    private static function removed(array $design, string $list, int $number): ?array
    {
        $layers = Arr::get($design, $list);
        if (! is_array($layers) || ! isset($layers[$number])) {
            return null;
        }
        array_splice($layers, $number, 1);
        Arr::set($design, $list, $layers);

        return DesignCodec::toArray(DesignCodec::fromArray($design));
    }
}
