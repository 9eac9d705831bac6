<?php

declare(strict_types=1);

namespace Tests;

/** What nobody means to type and somebody sends. */
final readonly class Oddities
{
    private const TEXTS = [
        '', ' ', "\0", "a\0b", "\x07bell", "\u{202E}gnp.exe", "\u{200B}\u{200B}", "\u{FEFF}", 'x', '-', '+', '.', ',', '0', '-0',
        '00', '1e400', '-1e400',
        '1e308', '9e99', 'NaN', 'INF', 'null', 'true', '[]', '{}', '1,5', '1.5', '1.234,5', "6'", "30'-6\"", '6 1/2"', '1/0',
        '12 mm', '9 9 9',
        '99999999999999999999', '-5', '2026-02-30', '2026-13-01', '0000-00-00', '9999-12-31', '2026-02-14T08:00', '=1+1', "\t=1", '＝1',
        '@SUM(A1)', '<script>alert(1)</script>', "'; DROP TABLE users; --", '" onload="x', '../../.env', '/etc/passwd', '{{7*7}}',
        '%00', '%s%n',
        'é', '日本', '🧱', "line\nbreak", "\r\nSet-Cookie: a=b", 'metric', 'imperial point', 'edge', 'design', 'h1',
        '01ARZ3NDEKTSV4RRFFQ69G5FAV',
    ];

    public function __construct(private Lot $lot) {}

    /** As a form or an address brings it: a text, or a list of them where one was asked for. */
    public function typed(int $depth = 0): mixed
    {
        return match (true) {
            $depth < 3 && $this->lot->chance(0.2) => $this->list($depth),
            $this->lot->chance(0.03) => str_repeat($this->lot->one(['a', '9', 'é', ' ']), $this->lot->random->getInt(200, 70_000)),
            $this->lot->chance(0.03) => $this->lot->random->getBytes($this->lot->random->getInt(1, 30)),
            $this->lot->chance(0.2) => (string) $this->lot->random->getInt(-50, 5_000),
            default => $this->lot->one(self::TEXTS),
        };
    }

    /** As a file of JSON brings it. */
    public function value(int $depth = 0): mixed
    {
        return match ($this->lot->random->getInt(0, 8)) {
            0 => null,
            1 => $this->lot->chance(0.5),
            2 => $this->lot->random->getInt(PHP_INT_MIN, PHP_INT_MAX),
            3 => $this->lot->one([0.0, -0.0, 1e308, -1e308, 5e-324, 0.1, -3.5, 1e9]),
            4 => $depth < 3 ? [$this->value($depth + 1), $this->value($depth + 1)] : [],
            5 => $depth < 3 ? [$this->lot->one(['id', 'kind', 'x_m', '', 'a b']) => $this->value($depth + 1)] : [],
            default => mb_scrub($this->lot->one(self::TEXTS)),
        };
    }

    /** A whole with some of its values, keys or bytes another. */
    public function json(string $whole): string
    {
        if ($this->lot->chance(0.15)) {
            return $this->bytes($whole);
        }
        $data = json_decode($whole, true);
        for ($i = $this->lot->random->getInt(1, 3); $i > 0; $i--) {
            $data = $this->changed($data);
        }
        $text = (string) json_encode($data, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE);

        // A number that no number can hold: no value of PHP is written so.
        $numbers = preg_match_all('~(?<=[:,\[])-?\d[\d.]*(?=[,\]}])~', $text, $found, PREG_OFFSET_CAPTURE);
        if ($numbers > 0 && $this->lot->chance(0.15)) {
            [$number, $at] = $this->lot->one($found[0]);

            return substr_replace($text, '1e400', $at, strlen($number));
        }

        return $text;
    }

    public function bytes(string $whole): string
    {
        for ($i = $this->lot->random->getInt(1, 6); $i > 0 && $whole !== ''; $i--) {
            $whole = substr_replace(
                $whole, $this->lot->random->getBytes($this->lot->random->getInt(1, 4)),
                $this->lot->random->getInt(0, strlen($whole) - 1), 1,
            );
        }

        return $this->lot->chance(0.2) ? substr($whole, 0, $this->lot->random->getInt(0, strlen($whole))) : $whole;
    }

    /** @return array<mixed> */
    private function list(int $depth): array
    {
        $list = [];
        for ($i = $this->lot->random->getInt(0, 3); $i > 0; $i--) {
            $list[$this->lot->one([0, 1, 'x', 'id', '', '-1', "\0"])] = $this->typed($depth + 1);
        }

        return $list;
    }

    private function changed(mixed $data): mixed
    {
        if (! is_array($data) || $data === [] || $this->lot->chance(0.02)) {
            return $this->value();
        }
        $key = $this->lot->one(array_keys($data));
        if (is_array($data[$key]) && $this->lot->chance(0.85)) {
            $data[$key] = $this->changed($data[$key]);
        } elseif ($this->lot->chance(0.2)) {
            unset($data[$key]);
        } elseif ($this->lot->chance(0.1)) {
            $data[$this->lot->one(['', 'more', 'x_m', '__proto__'])] = $this->value();
        } else {
            $data[$key] = $this->value();
        }

        return $data;
    }
}
