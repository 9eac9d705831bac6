<?php

declare(strict_types=1);

namespace Ondergrond\Size;

use BackedEnum;
use LogicException;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;
use ReflectionUnionType;

/** One parameter of a constructor with what is said of it, read once. */
final readonly class Parameter
{
    /** @var class-string|null the class of what has sizes of its own */
    public ?string $group;

    /** @var class-string<BackedEnum>|null */
    public ?string $choice;

    /**
     * @param  string  $type  a class, an enum, `array`, `float`, `bool` or `string`
     * @param  bool  $isNullable  and is not said where it is null
     * @param  Size|null  $size  null where it is a group of its own
     */
    private function __construct(
        public string $name,
        public string $type,
        public string $key,
        public bool $isNullable,
        public ?Size $size,
    ) {
        $this->choice = is_subclass_of($type, BackedEnum::class) ? $type : null;
        $this->group = $this->choice === null && class_exists($type) ? $type : null;
    }

    /**
     * @param  class-string  $class
     * @return list<self> in the order of its constructor
     *
     * @throws LogicException where a size says nothing of itself
     */
    public static function of(string $class): array
    {
        static $read = [];

        return $read[$class] ??= array_map(
            static fn (ReflectionParameter $p): self => self::read($p, $class),
            (new ReflectionClass($class))->getConstructor()?->getParameters() ?? [],
        );
    }

    /**
     * @param  class-string  $class
     *
     * @throws LogicException where it has none of that name
     */
    public static function named(string $class, string $name): self
    {
        foreach (self::of($class) as $parameter) {
            if ($parameter->name === $name) {
                return $parameter;
            }
        }
        throw new LogicException("{$class} has no \${$name}");
    }

    private static function read(ReflectionParameter $parameter, string $class): self
    {
        $name = $parameter->getName();
        $type = $parameter->getType();
        // A material may be given by its slug as well.
        $type = $type instanceof ReflectionUnionType ? $type->getTypes()[0] : $type;
        if (! $type instanceof ReflectionNamedType) {
            throw new LogicException("{$class}::\${$name} has no type");
        }
        $size = ($parameter->getAttributes(Size::class)[0] ?? null)?->newInstance();
        $snake = strtolower((string) preg_replace('/[A-Z]/', '_$0', $name));
        $key = $size->key ?? ($type->getName() === 'float' ? $snake.'_m' : $snake);
        if ($size === null && ! class_exists($type->getName())) {
            throw new LogicException("{$class}::\${$name} says nothing of itself: give it a #[Size]");
        }

        return new self(
            $name, $type->getName(), $key, $type->allowsNull(),
            $size?->at($key, self::words($type->getName()), $type->allowsNull()),
        );
    }

    /** @return array<string, string>|null the answers by value, where its type says them */
    private static function words(string $type): ?array
    {
        if (! is_subclass_of($type, Choice::class)) {
            return null;
        }
        $words = [];
        foreach ($type::cases() as $case) {
            $words[(string) $case->value] = $case->label();
        }

        return $words;
    }
}
