<?php

declare(strict_types=1);

namespace Ondergrond\Sizing;

use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;

/** A size that a search changes besides those of the wing it looks for. */
final readonly class Change
{
    /**
     * @param  string  $path  as files call it: `edge_beam.depth_m`
     * @param  float  $from  m
     * @param  float  $to  m
     */
    public function __construct(
        public string $path,
        public float $from,
        public float $to,
    ) {}

    /** @return list<self> numbers that differ between two designs, those of the wing left out */
    public static function all(Design $before, Design $after): array
    {
        [$was, $is] = [DesignCodec::toArray($before), DesignCodec::toArray($after)];
        $changes = [];
        foreach (Part::cases() as $part) {
            foreach ($part === Part::Wing ? [] : $is[$part->value] as $key => $value) {
                $path = "{$part->value}.{$key}";
                [$from, $to] = [SizePath::find($was, $path), SizePath::find($is, $path)];
                if ($from !== null && $to !== null && abs($from - $to) > 1e-6) {
                    $changes[] = new self($path, $from, $to);
                }
            }
        }

        return $changes;
    }

    /** @param  array{path: string, from: float, to: float}  $kept */
    public static function fromArray(array $kept): self
    {
        return new self($kept['path'], $kept['from'], $kept['to']);
    }

    /** @return array{path: string, from: float, to: float} m */
    public function toArray(): array
    {
        return ['path' => $this->path, 'from' => $this->from, 'to' => $this->to];
    }
}
