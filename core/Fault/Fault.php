<?php

declare(strict_types=1);

namespace Ondergrond\Fault;

use Ondergrond\Units\KeyEnding;
use Ondergrond\Units\Letters;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** One thing wrong with what was given: where, what was found, what is allowed. */
final readonly class Fault
{
    /**
     * @param  string  $pointer  JSON pointer into the project file, such as `/options/0/design/slab/thickness_m`
     * @param  string  $reason  why the limit is there, a clause without a full stop; may be empty
     */
    private function __construct(
        public string $pointer,
        public string $found,
        public string $allowed,
        public ?float $min = null,
        public ?float $max = null,
        public string $reason = '',
    ) {}

    public static function of(string $pointer, string $found, string $allowed): self
    {
        return new self($pointer, self::short($found), $allowed);
    }

    /** A number outside its limits, in SI; either limit may be null. */
    public static function range(string $pointer, float $found, ?float $min, ?float $max, string $reason = ''): self
    {
        $unit = KeyEnding::of($pointer)?->unit() ?? '';
        $allowed = self::between(
            $min === null ? null : self::plain($min),
            $max === null ? null : self::plain($max),
            $unit,
        );

        return new self($pointer, self::plain($found).$unit, $allowed, $min, $max, $reason);
    }

    /** Something other than the number that belongs there; the limits are in SI. */
    public static function notANumber(string $pointer, string $found, float $min, float $max): self
    {
        return self::of(
            $pointer,
            $found,
            'a number, '.self::between(self::plain($min), self::plain($max), KeyEnding::of($pointer)?->unit() ?? ''),
        );
    }

    public function at(string $prefix): self
    {
        return new self($prefix.$this->pointer, $this->found, $this->allowed, $this->min, $this->max, $this->reason);
    }

    /** One line, SI, for the command line. */
    public function line(): string
    {
        $where = $this->pointer === '' ? '(whole file)' : $this->pointer;

        return "{$where}: found {$this->found}; allowed: {$this->allowed}".($this->reason === '' ? '' : " ({$this->reason})");
    }

    /** What is allowed, in the person's units, as a sentence. */
    public function allowedIn(QuantityFormatter $format, Quantity $quantity): string
    {
        if ($this->min === null && $this->max === null) {
            return 'Allowed: '.$this->allowed.'.';
        }
        $allowed = self::between(
            $this->min === null ? null : $format->format($this->min, $quantity),
            $this->max === null ? null : $format->format($this->max, $quantity),
            '',
        );

        return 'Allowed: '.$allowed.($this->reason === '' ? '' : ', '.$this->reason).'.';
    }

    private static function between(?string $min, ?string $max, string $unit): string
    {
        return match (true) {
            $min === null => "at most {$max}{$unit}",
            $max === null => "at least {$min}{$unit}",
            default => "{$min} to {$max}{$unit}",
        };
    }

    private static function plain(float $value): string
    {
        return is_finite($value) ? (string) round($value, 4) : 'a number too large to hold';
    }

    private static function short(string $text): string
    {
        $text = Letters::escaped($text);
        $line = (string) preg_replace('~[[:cntrl:]\s]+~u', ' ', mb_scrub($text));

        return mb_strlen($line) > 60 ? mb_substr($line, 0, 59).'…' : $line;
    }
}
