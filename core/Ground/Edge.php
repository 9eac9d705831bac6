<?php

declare(strict_types=1);

namespace Ondergrond\Ground;

/** A stretch of the outline of what is painted, from its lower or left end, m. */
final readonly class Edge
{
    /**
     * @param  int  $space  the space of air it faces, numbered as in Silhouette
     * @param  'up'|'down'|'left'|'right'  $faces
     */
    public function __construct(
        public float $x0,
        public float $y0,
        public float $x1,
        public float $y1,
        public int $space,
        public string $faces,
    ) {}

    public function goesOnAs(self $next): bool
    {
        return $this->space === $next->space && $this->faces === $next->faces && $this->x1 === $next->x0 && $this->y1 === $next->y0;
    }

    public function until(self $next): self
    {
        return new self($this->x0, $this->y0, $next->x1, $next->y1, $this->space, $this->faces);
    }

    /** @return array{int, string, float, float} puts stretches of one line beside each other */
    public function order(): array
    {
        return $this->x0 === $this->x1 ? [
            $this->space, $this->faces, $this->x0, $this->y0,
        ] : [$this->space, $this->faces, $this->y0, $this->x0];
    }

    public function isLevel(): bool
    {
        return $this->y0 === $this->y1;
    }

    /**
     * The same stretch in two where a line crosses it: x for a level stretch, y for an upright one.
     *
     * @return list<self>
     */
    public function cutAt(float $at): array
    {
        if ($this->isLevel()) {
            return $at > $this->x0 && $at < $this->x1
                ? [
                    new self($this->x0, $this->y0, $at, $this->y1, $this->space, $this->faces),
                    new self($at, $this->y0, $this->x1, $this->y1, $this->space, $this->faces),
                ]
                : [$this];
        }

        return $at > $this->y0 && $at < $this->y1
            ? [
                new self($this->x0, $this->y0, $this->x1, $at, $this->space, $this->faces),
                new self($this->x0, $at, $this->x1, $this->y1, $this->space, $this->faces),
            ]
            : [$this];
    }
}
