<?php

declare(strict_types=1);

namespace App\Forms;

use App\View\SiteForm;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use LogicException;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Codec\SizePath;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\ClimateSource;
use Ondergrond\Site\RequirementSets;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnreadableQuantity;

/** A site as its page sends it. */
final readonly class TypedSite
{
    /** Said of estimated months that were changed. */
    private const BY_HAND = '; changed by hand';

    public function __construct(private QuantityFormatter $format) {}

    /**
     * @param  array<string, mixed>  $stored  as in project files
     * @param  array<array-key, mixed>  $typed  of its fields; what is missing stays as stored
     * @return array<string, mixed> as in project files
     *
     * @throws ValidationException with a message at each field
     */
    public function over(array $stored, array $typed): array
    {
        $stored = $this->withLists(self::withSet($stored, $typed), $typed);
        $site = TypedData::merge($stored, $typed, $this->format, SiteCodec::fromArray(...), 'site.');

        return self::withOwnClimate($stored, SiteCodec::toArray($site));
    }

    /**
     * Values that are typed as one text.
     *
     * @return list<float>
     *
     * @throws ValidationException at the field
     */
    public function listed(string $text, string $path, string $field): array
    {
        $quantity = SizePath::quantity($path) ?? throw new LogicException("no list {$path} of a site");
        $values = [];
        $words = preg_split('~[\s;]+~', trim($text), -1, PREG_SPLIT_NO_EMPTY);
        foreach ($words === false ? [] : $words as $word) {
            try {
                $values[] = QuantityParser::parse($word, $quantity, $this->format->system, $this->format->mark);
            } catch (UnreadableQuantity $e) {
                throw ValidationException::withMessages([$field => "“{$word}”: ".$e->getMessage()]);
            }
        }

        return $values;
    }

    /**
     * A set that is newly chosen brings its figures, whatever the fields showed of the set before.
     *
     * @param  array<string, mixed>  $stored  as in project files
     * @param  array<array-key, mixed>  $typed  loses the figures of the set before
     * @return array<string, mixed>
     */
    private static function withSet(array $stored, array &$typed): array
    {
        $stored = SiteCodec::completed($stored);
        // Ints read from a file are the same values.
        foreach (SiteForm::LISTS as $path) {
            Arr::set($stored, $path, array_map(floatval(...), Arr::get($stored, $path)));
        }
        $chosen = is_array($typed['requirements'] ?? null) ? $typed['requirements']['set'] ?? null : null;
        if (! is_string($chosen) || $chosen === $stored['requirements']['set'] || ! isset(RequirementSets::all()[$chosen])) {
            return $stored;
        }
        unset($typed['requirements']);

        return [...$stored, 'requirements' => SiteCodec::requirements(RequirementSets::all()[$chosen]['of'])];
    }

    /**
     * Months that somebody types over those of a sample or a file are the site's own, unless they say otherwise; what they were
     * estimated from is no longer all there is to say.
     *
     * @param  array<string, mixed>  $before  as in project files
     * @param  array<string, mixed>  $after
     * @return array<string, mixed>
     */
    private static function withOwnClimate(array $before, array $after): array
    {
        [$was, $is] = [$before['climate'], $after['climate']];
        if ($is['source'] !== $was['source'] || $is['monthly_mean_c'] === array_map(floatval(...), $was['monthly_mean_c'])) {
            return $after;
        }
        $source = ClimateSource::from($is['source']);
        if (in_array($source, [ClimateSource::Invented, ClimateSource::NotKnown, ClimateSource::File], true)
            && ClimateSamples::source($is['monthly_mean_c']) === ClimateSource::Own) {
            $after['climate']['source'] = ClimateSource::Own->value;
        }
        if ($source === ClimateSource::Estimated && $is['estimated_by'] !== '' && $is['estimated_by'] === $was['estimated_by']
            && ! str_ends_with($is['estimated_by'], self::BY_HAND)) {
            $after['climate']['estimated_by'] = mb_substr($is['estimated_by'], 0, 200 - mb_strlen(self::BY_HAND)).self::BY_HAND;
        }

        return $after;
    }

    /**
     * Lists are typed as one text: the winters on record, the humidity of the months.
     *
     * @param  array<string, mixed>  $stored  as in project files, complete
     * @param  array<array-key, mixed>  $typed  loses those texts
     * @return array<string, mixed>
     *
     * @throws ValidationException
     */
    private function withLists(array $stored, array &$typed): array
    {
        foreach (SiteForm::LISTS as $path) {
            $text = Arr::get($typed, $path);
            $quantity = SizePath::quantity($path);
            if (! is_string($text) || $quantity === null) {
                continue;
            }
            Arr::forget($typed, $path);
            if (trim($text) !== SiteForm::listed(Arr::get($stored, $path), $quantity, $this->format)) {
                Arr::set($stored, $path, $this->listed($text, $path, "site.{$path}"));
            }
        }

        return $stored;
    }
}
