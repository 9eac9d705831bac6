<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** The amplitude of something that swings as Re(Â·e^{+iωt}). */
final readonly class Complex
{
    private function __construct(
        public float $re,
        public float $im,
    ) {}

    public static function of(float $re, float $im = 0.0): self
    {
        return new self($re, $im);
    }

    public static function zero(): self
    {
        return new self(0.0, 0.0);
    }

    public function plus(self $other): self
    {
        return new self($this->re + $other->re, $this->im + $other->im);
    }

    public function minus(self $other): self
    {
        return new self($this->re - $other->re, $this->im - $other->im);
    }

    public function times(float $factor): self
    {
        return new self($this->re * $factor, $this->im * $factor);
    }

    public function over(self $other): self
    {
        $square = $other->re ** 2 + $other->im ** 2;

        return new self(
            ($this->re * $other->re + $this->im * $other->im) / $square,
            ($this->im * $other->re - $this->re * $other->im) / $square,
        );
    }

    public function product(self $other): self
    {
        return new self($this->re * $other->re - $this->im * $other->im, $this->re * $other->im + $this->im * $other->re);
    }

    /** Half the swing from lowest to highest. */
    public function modulus(): float
    {
        return hypot($this->re, $this->im);
    }

    /** The value at that moment: Re(Â·e^{iφ}); φ in rad, 2π to a period. */
    public function at(float $phase): float
    {
        return $this->re * cos($phase) - $this->im * sin($phase);
    }

    /** By how much of a period, 0 up to 1, this reaches its highest value later than the other does. */
    public function lagBehind(self $other): float
    {
        $turns = (atan2($other->im, $other->re) - atan2($this->im, $this->re)) / (2 * M_PI);

        return $turns - floor($turns);
    }
}
