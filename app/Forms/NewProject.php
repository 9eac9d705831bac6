<?php

declare(strict_types=1);

namespace App\Forms;

use App\Database\ServerZone;
use Illuminate\Support\Arr;
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
use Ondergrond\Design\Part;
use Ondergrond\Design\Typical;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Site\Climate;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\FrostBasis;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Site\TimeZones;
use Ondergrond\Units\DecimalMark;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\SidesParser;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Units\UnreadableQuantity;

/** A project from the starting page: what it is, its climate as far as that is known, its family, its floor. */
final class NewProject
{
    /** Whether the floor is heated, as it is asked. */
    public const HEATED = ['' => 'as the family comes', 'yes' => 'yes, pipes in it', 'no' => 'no'];

    /** Figures of a climate that may be typed; all of them or none. */
    private const KNOWN = ['warmest_c', 'coldest_c', 'mean_c'];

    /**
     * @param  array<array-key, mixed>  $typed
     *
     * @throws ValidationException
     */
    public static function from(array $typed, DecimalMark $mark): Project
    {
        $words = Validator::make($typed, [
            'name' => ['required', 'string', 'max:120', new NameRule],
            'place' => ['nullable', 'string', 'max:200'],
            'units' => ['required', Rule::enum(UnitSystem::class)],
            'climate' => ['nullable', Rule::in(array_keys(ClimateSamples::all()))],
            'heated_floor' => ['nullable', Rule::in(array_keys(self::HEATED))],
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
        $design = $footprint === null ? null : self::caught(
            $errors,
            static fn (): Design => self::heated($family->preset($footprint, $system), self::text($typed, 'heated_floor'), $format),
        );
        if ($errors !== [] || $site === null || $design === null) {
            throw ValidationException::withMessages($errors);
        }

        return new Project(trim($typed['name']), $system, $site, [
            new Option('A · first design', true, '', $design, id: (string) Str::ulid()),
        ]);
    }

    /** @param  array<array-key, mixed>  $typed */
    private static function site(array $typed, QuantityFormatter $format): Site
    {
        $climate = self::climate($typed, $format);
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

    /**
     * From three figures, invented, or not known yet.
     *
     * @param  array<array-key, mixed>  $typed
     *
     * @throws ValidationException
     */
    private static function climate(array $typed, QuantityFormatter $format): Climate
    {
        $known = Arr::get($typed, 'known.extremes');
        $known = is_array($known) ? $known : [];
        $any = array_filter(self::KNOWN, static fn (string $key): bool => trim(self::text($known, $key)) !== '');
        $sample = ClimateSamples::all()[self::text($typed, 'climate')] ?? null;
        if ($any === []) {
            return $sample ?? ClimateSamples::notKnown();
        }
        if ($sample !== null) {
            throw ValidationException::withMessages(
                ['climate' => 'Three figures are typed and an invented climate is chosen. Keep one of the two.'],
            );
        }

        return (new KnownClimate($format))->climate('extremes', $known, ClimateSamples::notKnown(), FrostBasis::SPREAD);
    }

    /** @throws ValidationException where pipes do not fit */
    private static function heated(Design $design, string $answer, QuantityFormatter $format): Design
    {
        if ($answer === '' || ($answer === 'yes') === $design->heating->present()) {
            return $design;
        }
        $typical = new Typical($design, $format->system);
        try {
            $heating = $answer === 'yes' ? $typical->of(Part::Heating) : $typical->without(Part::Heating);

            return $heating === null ? $design : $design->with(['heating' => $heating]);
        } catch (FaultyInput $e) {
            [$fault] = $e->faults;
            throw ValidationException::withMessages(['heated_floor' => 'Pipes do not fit in this family as it comes: '
                .($fault->reason !== '' ? $fault->reason : 'allowed here: '.$fault->allowed)
                .'. Leave it as it comes; on the bench it can be made to fit.']);
        }
    }

    /** @param  array<array-key, mixed>  $typed */
    private static function zone(array $typed): string
    {
        $zone = self::text($typed, 'time_zone');

        return TimeZones::isOne($zone) ? $zone : ServerZone::name();
    }

    /**
     * From two sides, or from area and outline.
     *
     * @param  array<array-key, mixed>  $typed
     *
     * @throws ValidationException
     */
    public static function footprint(array $typed, QuantityFormatter $format): Footprint
    {
        $footprint = is_array($typed['footprint'] ?? null) ? $typed['footprint'] : [];
        $sides = trim(self::text($footprint, 'sides'));
        $shape = self::text($footprint, 'area_m2').self::text($footprint, 'perimeter_m');
        if ($sides !== '' && trim($shape) !== '') {
            throw ValidationException::withMessages(
                ['footprint.sides' => 'Sides are typed, and area or outline too. Type the two sides of a rectangle, or area and outline.'],
            );
        }
        if ($sides === '') {
            return trim($shape) !== '' ? self::shape(self::any(), $footprint + ['area_m2' => '', 'perimeter_m' => ''], $format)
                : throw ValidationException::withMessages(['footprint.sides' => 'How large is the floor? Type its two sides, such as '
                    .($format->system === UnitSystem::Metric ? '9 x 14 m.' : "30' x 46'.")]);
        }
        try {
            $rectangle = Footprint::rectangle(...SidesParser::parse($sides, $format->system, $format->mark));
        } catch (UnreadableQuantity $e) {
            throw ValidationException::withMessages(['footprint.sides' => $e->getMessage()]);
        }
        try {
            return self::shape($rectangle, array_intersect_key($footprint, ['exposed_perimeter_m' => true]), $format);
        } catch (ValidationException $e) {
            // Where area or outline are wrong, the sides are.
            $errors = $e->errors();
            $exposed = array_intersect_key($errors, ['footprint.exposed_perimeter_m' => true]);
            $others = array_merge(...array_values(array_diff_key($errors, $exposed)));
            throw ValidationException::withMessages([...$exposed, ...($others === [] ? [] : ['footprint.sides' => $others])]);
        }
    }

    /** What is typed over. */
    private static function any(): Footprint
    {
        return Footprint::rectangle(12.0, 8.0);
    }

    /**
     * @param  array<array-key, mixed>  $footprint  as it was typed over that
     *
     * @throws ValidationException
     */
    private static function shape(Footprint $start, array $footprint, QuantityFormatter $format): Footprint
    {
        $all = self::text($footprint, 'exposed_perimeter_m') === '';
        if ($all) {
            unset($footprint['exposed_perimeter_m']);
        }
        unset($footprint['sides']);
        // Any design will do to judge a footprint by, as long as its own sizes hang on none.
        $any = DesignCodec::toArray((new ThickenedEdgeSlab)->preset(self::any(), $format->system));
        $any['perimeter_board']['width_m'] = 0.0;
        $any['footprint'] = [...$any['footprint'], 'area_m2' => $start->area, 'perimeter_m' => $start->perimeter];

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
