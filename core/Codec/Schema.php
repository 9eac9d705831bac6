<?php

declare(strict_types=1);

namespace Ondergrond\Codec;

use Ondergrond\Fault\Fault;
use Ondergrond\Plan\Kinds;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;

/** Holds data against the published JSON Schemas, which are the one place that ranges of single values stand in. */
enum Schema: string
{
    case Project = 'project-3';
    case Section = 'section-1';
    case Vapour = 'vapour-1';
    case Layers = 'layers-1';

    private const MOST_FAULTS = 40;

    private const ULID = '^[0-7][0-9A-HJKMNP-TV-Z]{25}$';

    /** The published document: its file, with the definitions that stand in a file of their own put in. */
    public function text(): string
    {
        /** @var array<string, string> $texts */
        static $texts = [];

        return $texts[$this->value] ??= json_encode(
            $this->document(),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
        );
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        $read = static fn (string $name): array => json_decode(
            (string) file_get_contents(__DIR__."/schema/{$name}.json"), true, flags: JSON_THROW_ON_ERROR,
        );
        $document = $read($this->value);
        if ($this === self::Project) {
            $document['$defs'] += $read('project-3.design')['$defs'] + self::kinds($read('project-3.items')['$defs']);
            foreach (array_keys(Kinds::all()) as $slug) {
                $document['$defs']['items']['patternProperties'][self::ULID]['properties']['kind']['enum'][] = $slug;
                $document['$defs']['items']['patternProperties'][self::ULID]['allOf'][] = [
                    'if' => ['properties' => ['kind' => ['const' => $slug]]], 'then' => ['$ref' => '#/$defs/'.self::item($slug)],
                ];
            }
        }

        return $document;
    }

    /**
     * Each kind of item with what every one may say.
     *
     * @param  array<string, array<string, mixed>>  $of  by definition
     * @return array<string, array<string, mixed>>
     */
    private static function kinds(array $of): array
    {
        $whole = [];
        foreach (array_keys(Kinds::all()) as $slug) {
            $own = $of[self::item($slug)];
            $whole[self::item($slug)] = [
                ...$of['item'],
                'required' => [...$of['item']['required'], ...($own['required'] ?? [])],
                'properties' => ['kind' => ['const' => $slug], ...$of['item']['properties'], ...$own['properties']],
            ];
        }

        return $whole;
    }

    private static function item(string $slug): string
    {
        return 'item_'.strtr($slug, ['-' => '_']);
    }

    /**
     * @param  mixed  $data  decoded JSON, objects as objects
     * @return list<Fault>
     */
    public function faults(mixed $data): array
    {
        return self::check($data, "ondergrond:{$this->value}");
    }

    /**
     * @param  array<string, mixed>  $part
     * @param  'design'|'site'|'inspection'|'plan'|'product'|'items'|'entry'|'schedule'  $definition  which part of a project it is
     * @return list<Fault> pointers begin at the part
     */
    public function partFaults(array $part, string $definition): array
    {
        return self::check(Helper::toJSON($part), "ondergrond:{$this->value}#/\$defs/{$definition}");
    }

    /**
     * What it says of one key of a design or a site, in words.
     *
     * @param  'design'|'site'  $definition
     * @return string empty where it knows no such key
     */
    public function allowedAt(string $definition, string $path): string
    {
        static $read = [];
        $schema = $read[$this->value] ??= json_decode($this->text(), true, flags: JSON_THROW_ON_ERROR);
        $resolved = static function (array $rule) use ($schema, &$resolved): array {
            $name = basename((string) ($rule['$ref'] ?? ''));

            return $name === '' ? $rule : $resolved([...$schema['$defs'][$name], ...array_diff_key($rule, ['$ref' => true])]);
        };
        $rule = $schema['$defs'][$definition];
        foreach (explode('.', $path) as $key) {
            $rule = $resolved($resolved($rule)['properties'][$key] ?? []);
        }
        $items = $resolved($rule['items'] ?? []);

        return match (true) {
            $rule === [] => '',
            isset($rule['enum']) => implode(', ', array_map(static fn (mixed $v): string => "`{$v}`", $rule['enum'])),
            is_array($rule['additionalProperties'] ?? null) => implode(
                ' or ', array_map(static fn (string $v): string => "`{$v}`", $rule['additionalProperties']['enum']),
            ).' of each',
            isset($items['properties']) => (count($items['properties']) === 2 ? 'layers' : 'a list').', each '.implode(
                ' and ',
                array_map(static fn (int|string $k): string => "`{$k}`", array_keys($items['properties'])),
            ),
            $items !== [] => 'a list of '.self::range($items),
            default => self::range($rule).(in_array('null', (array) ($rule['type'] ?? []), true) ? ', or null' : ''),
        };
    }

    /** @param  array<string, mixed>  $rule */
    private static function range(array $rule): string
    {
        return match (true) {
            isset($rule['minimum'], $rule['maximum']) => "{$rule['minimum']} to {$rule['maximum']}",
            isset($rule['minimum']) => "at least {$rule['minimum']}",
            isset($rule['maxLength']) => "up to {$rule['maxLength']} characters",
            default => 'words',
        };
    }

    /** @return list<Fault> */
    private static function check(mixed $data, string $uri): array
    {
        $error = self::validator()->validate($data, $uri)->error();
        if ($error === null) {
            return [];
        }
        $faults = [];
        foreach (self::leaves($error) as $leaf) {
            array_push($faults, ...self::translate($leaf));
        }

        return $faults;
    }

    private static function validator(): Validator
    {
        static $validator = null;
        if (! $validator instanceof Validator) {
            $validator = new Validator;
            $validator->setMaxErrors(self::MOST_FAULTS);
            $validator->setStopAtFirstError(false);
            foreach (self::cases() as $schema) {
                $validator->resolver()?->registerRaw($schema->text(), "ondergrond:{$schema->value}");
            }
        }

        return $validator;
    }

    /** @return list<ValidationError> */
    private static function leaves(ValidationError $error): array
    {
        $below = $error->subErrors();

        return $below === [] ? [$error] : array_merge(...array_map(self::leaves(...), array_values($below)));
    }

    /** @return list<Fault> */
    private static function translate(ValidationError $error): array
    {
        $path = array_map(static fn (int|string $p): string => strtr((string) $p, ['~' => '~0', '/' => '~1']), $error->data()->fullPath());
        $pointer = $path === [] ? '' : '/'.implode('/', $path);
        $value = $error->data()->value();
        $schema = $error->schema()->info()->data();
        $rule = is_object($schema) ? get_object_vars($schema) : [];
        $args = $error->args();
        $min = isset($rule['minimum']) ? (float) $rule['minimum'] : null;
        $max = isset($rule['maximum']) ? (float) $rule['maximum'] : null;

        switch ($error->keyword()) {
            case 'minimum':
            case 'maximum':
                return [Fault::range($pointer, (float) $value, $min, $max)];
            case 'required':
                return array_map(
                    static fn (string $key): Fault => Fault::of("{$pointer}/{$key}", 'nothing', 'this field is required'),
                    array_values((array) $args['missing']),
                );
            case 'additionalProperties':
                // The validator also names known properties whose own check failed; those have their fault already.
                $known = array_map(strval(...), array_keys((array) ($rule['properties'] ?? [])));

                return array_map(
                    static fn (string $key): Fault => isset($rule['patternProperties'])
                        ? Fault::of(
                            "{$pointer}/{$key}", "the name “{$key}”",
                            lcfirst(rtrim((string) ($rule['description'] ?? 'another name'), '.')),
                        )
                        : Fault::of("{$pointer}/{$key}", 'an unknown field', implode(', ', $known)),
                    array_values(array_filter(
                        array_diff(array_map(strval(...), (array) $args['properties']), $known),
                        static fn (string $key): bool => self::isStrange($key, (array) ($rule['patternProperties'] ?? [])),
                    )),
                );
            default:
                if ($error->keyword() === 'type' && $min !== null && $max !== null && ! in_array('null', (array) $rule['type'], true)) {
                    return [Fault::notANumber($pointer, self::shown($value), $min, $max)];
                }

                return [Fault::of($pointer, self::shown($value), self::allowed($error->keyword(), $rule))];
        }
    }

    /** @param  array<array-key, mixed>  $patterns  of names that are allowed, as keys */
    private static function isStrange(string $key, array $patterns): bool
    {
        foreach (array_keys($patterns) as $pattern) {
            if (preg_match("~{$pattern}~", $key) === 1) {
                return false;
            }
        }

        return true;
    }

    /** @param  array<string, mixed>  $rule */
    private static function allowed(string $keyword, array $rule): string
    {
        return match ($keyword) {
            'pattern' => lcfirst(rtrim((string) ($rule['description'] ?? $rule['type'] ?? 'a text of its form'), '.')),
            'const' => self::shown($rule['const'] ?? null),
            'enum' => implode(', ', array_map(self::shown(...), (array) ($rule['enum'] ?? []))),
            'minLength', 'maxLength' => sprintf('%d to %d characters', $rule['minLength'] ?? 0, $rule['maxLength'] ?? 0),
            'minProperties', 'maxProperties' => sprintf('%d to %d entries', $rule['minProperties'] ?? 0, $rule['maxProperties'] ?? 0),
            'minItems', 'maxItems' => ($rule['minItems'] ?? 0) === ($rule['maxItems'] ?? null)
                ? "{$rule['minItems']} entries"
                : sprintf('%d to %s entries', $rule['minItems'] ?? 0, $rule['maxItems'] ?? 'any number of'),
            default => implode(' or ', array_map(strval(...), (array) ($rule['type'] ?? ['another value']))),
        };
    }

    private static function shown(mixed $value): string
    {
        return match (true) {
            is_string($value) => "“{$value}”",
            is_array($value) => sprintf('a list of %d', count($value)),
            is_object($value) => 'an object',
            default => (string) json_encode($value, JSON_PARTIAL_OUTPUT_ON_ERROR),
        };
    }
}
