<?php

declare(strict_types=1);

namespace Ondergrond\History;

/**
 * What differs between two states of the same thing, field by field. A state is an array of the shape that project files
 * have. Lists of one length are compared entry by entry; a list that grew or shrank is one field.
 */
final readonly class Changes
{
    /** @param  array<string, Change>  $all by path */
    private function __construct(public array $all) {}

    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     */
    public static function between(array $before, array $after): self
    {
        $changes = [];
        self::collect($before, $after, '', $changes);

        return new self($changes);
    }

    public function none(): bool
    {
        return $this->all === [];
    }

    /** What leads back. */
    public function inverse(): self
    {
        return new self(array_map(static fn (Change $c): Change => new Change($c->path, $c->to, $c->from), $this->all));
    }

    /**
     * The state with these fields set, whatever stood there.
     *
     * @param  array<string, mixed>  $state
     * @return array<string, mixed>
     */
    public function on(array $state): array
    {
        foreach ($this->all as $change) {
            $at = &$state;
            foreach (explode('.', $change->path) as $key) {
                if (! is_array($at)) {
                    $at = [];
                }
                $at = &$at[$key];
            }
            $at = $change->to;
            unset($at);
        }

        return $state;
    }

    /** Those that the other changes too, each to something else. */
    public function against(self $other): self
    {
        return new self(array_filter($this->all, static function (Change $mine) use ($other): bool {
            foreach ($other->all as $theirs) {
                $same = $mine->path === $theirs->path;
                $within = str_starts_with($mine->path, $theirs->path.'.') || str_starts_with($theirs->path, $mine->path.'.');
                if ($within || ($same && $mine->to !== $theirs->to)) {
                    return true;
                }
            }

            return false;
        }));
    }

    /**
     * @param  array<array-key, mixed>  $before
     * @param  array<array-key, mixed>  $after
     * @param  array<string, Change>  $changes  added to
     */
    private static function collect(array $before, array $after, string $prefix, array &$changes): void
    {
        foreach (array_keys($before + $after) as $key) {
            [$from, $to, $path] = [$before[$key] ?? null, $after[$key] ?? null, $prefix.$key];
            if (self::alike($from, $to)) {
                self::collect((array) $from, (array) $to, $path.'.', $changes);
            } elseif (! self::same($from, $to)) {
                $changes[$path] = new Change($path, $from, $to);
            }
        }
    }

    /** Both arrays of one make, to be compared entry by entry; an empty one is a map where the other is. */
    private static function alike(mixed $from, mixed $to): bool
    {
        if (! is_array($from) || ! is_array($to)) {
            return false;
        }
        $isMap = ! array_is_list($from) || ! array_is_list($to);

        return $isMap && ($from === [] || $to === []) || array_is_list($from) === array_is_list($to)
            && (! array_is_list($from) || count($from) === count($to));
    }

    private static function same(mixed $from, mixed $to): bool
    {
        return is_numeric($from) && is_numeric($to) && ! is_string($from) && ! is_string($to)
            ? (float) $from === (float) $to
            : $from === $to;
    }
}
