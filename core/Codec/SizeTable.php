<?php

declare(strict_types=1);

namespace Ondergrond\Codec;

use Ondergrond\Design\Design;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\Standing;
use Ondergrond\Site\Site;
use Ondergrond\Size\Parameter;
use Ondergrond\Size\Size;

/** Every key of a design and a site as rows of a table: what it is, what may stand there. */
final class SizeTable
{
    /** @return list<array{key: string, label: string, allowed: string}> */
    public static function design(): array
    {
        $rows = [
            self::row('family', Parameter::named(Design::class, 'family')->size, 'design'),
            ...self::group(Footprint::class, 'footprint.', 'design'),
        ];
        foreach (Part::cases() as $part) {
            $own = Parameter::named(Design::class, $part->property())->size;
            $rows = [
                ...$rows,
                ...(
                    $part->type() === Layer::class
                    ? self::layer($part->value.'.', $own, 'design', $part->label().': ')
                    : self::group($part->type(), $part->value.'.', 'design', $part->label().': ')
                ),
            ];
        }

        $rows[] = ['key' => 'standing', 'label' => 'What stands already, by the key of its part', ...array_intersect_key(
            self::row('standing', Standing::size(), 'design'), ['allowed' => true],
        )];

        return $rows;
    }

    /** @return list<array{key: string, label: string, allowed: string}> */
    public static function site(): array
    {
        return self::group(Site::class, '', 'site');
    }

    /** As Markdown. */
    public static function markdown(): string
    {
        $lines = [];
        foreach (['design' => self::design(), 'site' => self::site()] as $of => $rows) {
            array_push($lines, "| key of a {$of} | what it is | what may stand there |", '|---|---|---|');
            foreach ($rows as $row) {
                $lines[] = "| `{$row['key']}` | {$row['label']} | {$row['allowed']} |";
            }
            $lines[] = '';
        }

        return implode("\n", $lines);
    }

    /**
     * @param  class-string  $class
     * @param  'design'|'site'  $of
     * @return list<array{key: string, label: string, allowed: string}>
     */
    private static function group(string $class, string $prefix, string $of, string $name = ''): array
    {
        $rows = [];
        foreach (Parameter::of($class) as $p) {
            $rows = [...$rows, ...match (true) {
                $p->type === Layer::class => self::layer($prefix, $p->size, $of, $name),
                $p->size === null && $p->group !== null => self::group($p->group, $prefix.$p->key.'.', $of, $name),
                default => [self::row($prefix.$p->key, $p->size, $of, $name)],
            }];
        }

        return $rows;
    }

    /**
     * @param  'design'|'site'  $of
     * @return list<array{key: string, label: string, allowed: string}>
     */
    private static function layer(string $prefix, ?Size $thickness, string $of, string $name = ''): array
    {
        return [self::row($prefix.'material', new Size('material'), $of, $name), self::row($prefix.'thickness_m', $thickness, $of, $name)];
    }

    /**
     * @param  'design'|'site'  $of
     * @return array{key: string, label: string, allowed: string}
     */
    private static function row(string $key, ?Size $size, string $of, string $name = ''): array
    {
        return ['key' => $key, 'label' => $name.($size->label ?? ''), 'allowed' => Schema::Project->allowedAt($of, $key)];
    }
}
