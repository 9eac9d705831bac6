<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

/** A layer as heat and vapour pass it. */
final readonly class VapourLayer
{
    /**
     * @param  string  $name  in a sentence
     * @param  float  $thickness  m
     * @param  float  $resistance  d/λ, m²K/W
     * @param  float  $airLayer  s_d = µ·d, m
     * @param  bool  $soaks  whether it takes up water by itself, so that drops do not run off it
     * @param  bool  $suffers  whether water harms it: wood, wool, gypsum
     * @param  float|null  $most  water that wood may take up, kg/m²
     * @param  string|null  $part  key of the part it belongs to
     */
    public function __construct(
        public string $name,
        public float $thickness,
        public float $resistance,
        public float $airLayer,
        public bool $soaks = false,
        public bool $suffers = false,
        public ?float $most = null,
        public ?string $part = null,
    ) {}
}
