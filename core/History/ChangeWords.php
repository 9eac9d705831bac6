<?php

declare(strict_types=1);

namespace Ondergrond\History;

use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Part;
use Ondergrond\Material\Catalogue;
use Ondergrond\Site\Calendar;
use Ondergrond\Units\QuantityFormatter;

/** Says changes in words: `Middle board, thickness: 2 in → 3 in`. */
final readonly class ChangeWords
{
    /** What is not a size. */
    private const WHOLE = ['name' => 'Name', 'note' => 'Note', 'set_aside' => 'Rules set aside'];

    private const LONGEST = 60;

    /** @param  array<string, string>  $names  of items, by id, where they are known */
    public function __construct(private QuantityFormatter $format, private array $names = []) {}

    /** @return list<string> one line a change */
    public function lines(Changes $changes): array
    {
        return array_values(array_map(
            fn (Change $c): string => $this->about($c->path).': '.$this->value($c->path, $c->from).' → '.$this->value($c->path, $c->to),
            $changes->all,
        ));
    }

    /** A field by what it is called; of an item that is known by its name. */
    private function about(string $path): string
    {
        $keys = explode('.', $path);
        $id = $keys[$keys[0] === 'layout' ? 1 : 2] ?? '';
        $name = in_array($keys[0], ['plan', 'layout'], true) ? $this->names[$id] ?? '' : '';

        return $name === '' ? self::label($path) : (string) preg_replace(
            '~^Item~', strtr($name, ['\\' => '\\\\', '$' => '\\$']), self::label($path),
        );
    }

    /** What a field is called. */
    public static function label(string $path): string
    {
        if (isset(self::WHOLE[$path])) {
            return self::WHOLE[$path];
        }
        $keys = explode('.', $path);
        if ($keys[0] === 'set_aside') {
            return 'Rule set aside, '.str_replace('-', ' ', $keys[1]);
        }
        if ($keys[0] === 'plan' || $keys[0] === 'layout') {
            return self::planned($keys);
        }
        $size = SizePath::said($path);
        $part = $keys[0] === 'design' ? Part::tryFrom($keys[1] ?? '') : null;
        $last = end($keys);
        if ($part === null) {
            $one = is_numeric($last) ? $size->each ?? '' : '';

            return $one === '' ? $size->label ?? $path : strtr(
                $one,
                ['#' => (string) ((int) $last + 1), '*' => Calendar::MONTHS[(int) $last] ?? ''],
            );
        }
        $label = $size->label ?? $last;

        $each = count($keys) === 5 ? SizePath::said(implode('.', array_slice($keys, 0, 3)))->each ?? '' : '';
        if ($each !== '') {
            return $part->label().', '.strtr($each, ['#' => (string) ((int) $keys[3] + 1)]).', '.$label;
        }

        return count($keys) === 5
            ? sprintf('%s, %s %d, %s', $part->label(), $keys[2] === 'layers' ? 'layer' : $keys[2].' layer', (int) $keys[3] + 1, $label)
            : $part->label().', '.$label;
    }

    /** @param  array<array-key, mixed>  $thing  of a plan */
    private static function named(array $thing): string
    {
        return is_string($thing['name'] ?? null) ? "“{$thing['name']}”" : 'drawn';
    }

    /** @param  non-empty-list<string>  $keys */
    private static function planned(array $keys): string
    {
        $at = $keys[0] === 'plan' ? array_slice($keys, 1) : ['items', ...array_slice($keys, 1)];
        $size = count($at) === 2 ? null : SizePath::said(implode('.', $keys));
        $what = match ($at[0] ?? '') {
            '' => 'Outline',
            'corners' => 'Corner '.($at[1] ?? ''), 'walls' => 'Wall at corner '.($at[1] ?? ''), 'openings' => 'Door', 'items' => 'Item',
            'pegs' => 'Base line', default => ''
        };
        $label = $size->label ?? '';

        return $what === '' || $label === '' ? $what.$label : "{$what}, {$label}";
    }

    /** A value of a field, written out. */
    public function value(string $path, mixed $value): string
    {
        $quantity = SizePath::quantity($path);
        $choices = SizePath::said($path)?->choices();

        return match (true) {
            $value === null, $value === '' => 'none',
            is_array($value) && (str_starts_with($path, 'plan') || str_starts_with($path, 'layout')) => self::named($value),
            $path === 'set_aside' && is_array($value) => $value === [] ? 'none' : str_replace('-', ' ', implode(', ', array_keys($value))),
            str_starts_with($path, 'set_aside.') && is_array($value) => '“'.mb_strimwidth(
                (string) ($value['reason'] ?? ''),
                0,
                self::LONGEST,
                '…',
            ).'”',
            is_array($value) => count($value).(match (true) {
                str_contains($path, 'winters') => ' winters',
                str_contains($path, 'outdoor_rh'), str_contains($path, 'sunshine') => ' months',
                SizePath::said($path)?->of !== null => '',
                default => ' layers',
            }),
            $quantity !== null && is_numeric($value) => $this->format->format((float) $value, $quantity),
            str_ends_with($path, '.material') => Catalogue::find((string) $value)->name ?? (string) $value,
            $choices !== null && is_scalar($value) => $choices[(string) $value] ?? (string) $value,
            is_scalar($value) => '“'.mb_strimwidth((string) $value, 0, self::LONGEST, '…').'”',
            default => 'something else',
        };
    }
}
