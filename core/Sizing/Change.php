<?php

declare(strict_types=1);

namespace Ondergrond\Sizing;

use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;

/** A size or a material that a search changes besides those of the wing it looks for. */
final readonly class Change
{
    /**
     * @param  string  $path  as files call it: `edge_beam.depth_m`
     * @param  float|string  $from  m, or a material's slug
     * @param  float|string  $to  m, or a material's slug
     */
    public function __construct(
        public string $path,
        public float|string $from,
        public float|string $to,
    ) {}

    /** @return list<self> what differs between two designs, what is of the wing left out */
    public static function all(Design $before, Design $after): array
    {
        [$was, $is] = [DesignCodec::toArray($before), DesignCodec::toArray($after)];
        $changes = [];
        foreach (Part::cases() as $part) {
            foreach ($part === Part::Wing ? [] : $is[$part->value] as $key => $value) {
                $path = "{$part->value}.{$key}";
                if (in_array($key, SizePath::MATERIALS, true) && $was[$part->value][$key] !== $value && $part->of($after)->present()) {
                    $changes[] = new self($path, $was[$part->value][$key], $value);
                }
                [$from, $to] = [SizePath::find($was, $path), SizePath::find($is, $path)];
                if ($from !== null && $to !== null && abs($from - $to) > 1e-6) {
                    $changes[] = new self($path, $from, $to);
                }
            }
        }

        return $changes;
    }

    /** @param  array{path: string, from: float|string, to: float|string}  $kept */
    public static function fromArray(array $kept): self
    {
        return new self($kept['path'], $kept['from'], $kept['to']);
    }

    /** @return array{path: string, from: float|string, to: float|string} */
    public function toArray(): array
    {
        return ['path' => $this->path, 'from' => $this->from, 'to' => $this->to];
    }
}
