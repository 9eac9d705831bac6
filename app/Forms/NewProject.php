<?php

declare(strict_types=1);

namespace App\Forms;

use App\Database\ServerZone;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Families\ThickenedEdgeSlab;
use Ondergrond\Design\Footprint;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Site\TimeZones;
use Ondergrond\Units\DecimalMark;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;

/** A project from the three steps of the starting page: name and climate, family, footprint. */
final class NewProject
{
    /**
     * @param  array<array-key, mixed>  $typed
     *
     * @throws ValidationException
     */
    public static function from(array $typed, DecimalMark $mark): Project
    {
        $words = Validator::make($typed, [
            'name' => ['required', 'string', 'max:120'],
            'place' => ['nullable', 'string', 'max:200'],
            'units' => ['required', Rule::enum(UnitSystem::class)],
            'climate' => ['required', Rule::in(array_keys(ClimateSamples::all()))],
            'soil' => ['required', Rule::enum(Soil::class)],
            'time_zone' => ['nullable', Rule::in(array_keys(TimeZones::words()))],
            'family' => ['required', Rule::in(array_keys(Families::all()))],
        ], ['name.required' => 'This is needed. A name is missing.']);
        $errors = $words->errors()->toArray();

        // The numbers are read even when a word is wrong, so that every fault shows at once.
        $system = UnitSystem::tryFrom(self::text($typed, 'units')) ?? UnitSystem::Metric;
        $format = new QuantityFormatter($system, $mark);
        $site = self::caught($errors, static fn (): Site => self::site($typed, $format));
        $family = Families::find(self::text($typed, 'family')) ?? array_values(Families::all())[0];
        $footprint = self::caught($errors, static fn (): Footprint => self::footprint($typed, $format));
        if ($errors !== [] || $site === null || $footprint === null) {
            throw ValidationException::withMessages($errors);
        }

        return new Project(trim($typed['name']), $system, $site, [
            new Option('A · first design', true, '', $family->preset($footprint, $system), id: (string) Str::ulid()),
        ]);
    }

    /** @param  array<array-key, mixed>  $typed */
    private static function site(array $typed, QuantityFormatter $format): Site
    {
        $climate = ClimateSamples::all()[self::text($typed, 'climate')] ?? array_values(ClimateSamples::all())[0];
        $start = new Site(
            trim(self::text($typed, 'place')),
            $climate,
            Soil::tryFrom(self::text($typed, 'soil')) ?? Soil::SandOrGravel,
            timeZone: self::zone($typed),
        );

        return TypedData::merge(
            SiteCodec::toArray($start),
            ['indoor_c' => $typed['indoor_c'] ?? ''],
            $format,
            SiteCodec::fromArray(...),
        );
    }

    /** @param  array<array-key, mixed>  $typed */
    private static function zone(array $typed): string
    {
        $zone = self::text($typed, 'time_zone');

        return TimeZones::isOne($zone) ? $zone : ServerZone::name();
    }

    /** @param  array<array-key, mixed>  $typed */
    private static function footprint(array $typed, QuantityFormatter $format): Footprint
    {
        $footprint = is_array($typed['footprint'] ?? null) ? $typed['footprint'] : [];
        $footprint += ['area_m2' => '', 'perimeter_m' => '', 'exposed_perimeter_m' => ''];
        $all = $footprint['exposed_perimeter_m'] === '';
        if ($all) {
            unset($footprint['exposed_perimeter_m']);
        }
        // Any design will do to judge a footprint by, as long as its own sizes hang on none.
        $any = DesignCodec::toArray((new ThickenedEdgeSlab)->preset(Footprint::rectangle(12.0, 8.0), $format->system));
        $any['perimeter_board']['width_m'] = 0.0;

        return TypedData::merge($any, ['footprint' => $footprint], $format, static function (array $data) use ($all): Design {
            if ($all) {
                $data['footprint']['exposed_perimeter_m'] = $data['footprint']['perimeter_m'];
            }

            return DesignCodec::fromArray($data);
        })->footprint;
    }

    /**
     * @template T
     *
     * @param  array<array-key, mixed>  $errors  added to
     *
     * @param-out array<array-key, mixed> $errors
     *
     * @param  callable(): T  $make
     * @return T|null
     */
    private static function caught(array &$errors, callable $make): mixed
    {
        try {
            return $make();
        } catch (ValidationException $e) {
            foreach ($e->errors() as $field => $messages) {
                $errors[$field] = $messages;
            }

            return null;
        }
    }

    /** @param  array<array-key, mixed>  $typed */
    private static function text(array $typed, string $key): string
    {
        return is_string($typed[$key] ?? null) ? $typed[$key] : '';
    }
}
