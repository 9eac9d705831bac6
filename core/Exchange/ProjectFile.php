<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use JsonException;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\PartCodec;
use Ondergrond\Codec\PlanCodec;
use Ondergrond\Codec\ProductCodec;
use Ondergrond\Codec\Schema;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Materials;
use Ondergrond\Material\Product;
use Ondergrond\Plan\Items;
use Ondergrond\Project\DesignChange;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Project\Release;
use Ondergrond\Project\SetAside;
use Ondergrond\Project\SetDays;
use Ondergrond\Units\UnitSystem;

/** A project as a JSON file: what is written reads back to an equal project. */
final class ProjectFile
{
    public const FORMAT = 'ondergrond-project';

    public const VERSION = 3;

    /** Versions that are read: the first has fewer parts, the first two have no ids. */
    private const READ = [1, 2, self::VERSION];

    /** Bytes; a project of 200 options and 20,000 entries is below. */
    public const LARGEST = 20_000_000;

    private const DEEPEST = 32;

    public static function write(Project $project): string
    {
        $content = self::content($project);

        return Envelope::json('project', self::VERSION, self::hash($project), [
            ...$content,
        ]);
    }

    /** Tells whether two answers came from the same input; who is called what by the program changes no answer. */
    public static function hash(Project $project): string
    {
        $content = self::content($project);
        unset($content['id'], $content['release'], $content['entries']);
        foreach (['options', 'inspections'] as $list) {
            $content[$list] = array_map(static fn (array $one): array => array_diff_key($one, ['id' => true]), $content[$list]);
        }

        return 'sha256:'.hash('sha256', json_encode($content, JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR));
    }

    /** @throws FaultyInput with every fault found */
    public static function read(string $json): Project
    {
        if (strlen($json) > self::LARGEST) {
            throw FaultyInput::one(Fault::of('', sprintf('more than %.0f MB', self::LARGEST / 1e6), 'a smaller project file'));
        }
        try {
            $data = json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw FaultyInput::one(
                Fault::of('', 'no JSON that can be read ('.$e->getMessage().')', 'a project file as Ondergrond exports it'),
            );
        }
        self::refuseForeign($data);
        $faults = Schema::Project->faults($data);
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }

        return self::fromValid((array) json_decode($json, true, self::DEEPEST, JSON_THROW_ON_ERROR));
    }

    /**
     * What a file says otherwise than it is read: where a plan stands, footprints follow from it, whatever is written beside it.
     *
     * @param  string  $json  that it was read from
     * @return list<string> a sentence for each option whose floor or outline differs by more than one in a hundred
     */
    public static function notes(Project $read, string $json): array
    {
        $data = (array) json_decode($json, true, self::DEEPEST);
        $notes = [];
        foreach ($read->options as $i => $option) {
            $file = $data['options'][$i]['design']['footprint'] ?? [];
            $plan = PartCodec::toArray($option->design->footprint);
            foreach ($read->planOf($option) === null ? [] : [
                'area_m2' => 'm²', 'perimeter_m' => 'm', 'exposed_perimeter_m' => 'm',
            ] as $key => $unit) {
                $was = (float) ($file[$key] ?? $plan[$key]);
                if (abs($was - $plan[$key]) > 0.01 * abs($plan[$key])) {
                    $notes[] = sprintf(
                        'Option “%s”: the file writes footprint.%s as %.3f %s, its plan has %.3f %s. The plan counts.', $option->name, $key,
                        $was, $unit, $plan[$key], $unit,
                    );
                }
            }
        }

        return $notes;
    }

    /** A file of another kind or version is one fault, not a page of them. */
    private static function refuseForeign(mixed $data): void
    {
        if (! is_object($data) || ($data->format ?? null) !== self::FORMAT) {
            $found = is_object($data) && is_string($data->format ?? null) ? "“{$data->format}”" : 'no such mark';
            throw FaultyInput::one(Fault::of('/format', $found, '“'.self::FORMAT.'”'));
        }
        if (! in_array($data->version ?? null, self::READ, true)) {
            $found = is_scalar($data->version ?? null) ? var_export($data->version, true) : 'nothing';
            throw FaultyInput::one(Fault::of('/version', $found, 'version 1, 2 or 3 of the project format'));
        }
    }

    /** @param  array<array-key, mixed>  $data */
    private static function fromValid(array $data): Project
    {
        $faults = $options = [];
        $products = self::products($data['products'] ?? [], $faults);
        $materials = Materials::withProducts($products);
        $site = self::part('/site', static fn () => SiteCodec::fromValid($data['site']), $faults);
        $plan = isset($data['plan']) ? self::part('/plan', static fn () => PlanCodec::fromValid($data['plan']), $faults) : null;
        foreach ($data['options'] as $i => $option) {
            $design = self::part("/options/{$i}/design", static fn () => DesignCodec::fromValid($option['design'], $materials), $faults);
            $layout = PlanCodec::itemsFromValid($option['layout'] ?? []);
            $own = isset($option['plan'])
                ? self::part("/options/{$i}/plan", static fn () => PlanCodec::fromValid($option['plan']), $faults) : null;
            array_push($faults, ...($own === null && $plan === null ? self::planless($layout, $i) : []));
            $read = $design === null ? null : self::part("/options/{$i}", static fn () => (new Option(
                $option['name'], $option['pinned'], $option['note'], $design, self::setAside($option['set_aside'] ?? []),
                $option['id'] ?? '', $layout, SetDays::fromValid($option['schedule'] ?? []), $own,
            ))->on($plan), $faults);
            $options = $read === null ? $options : [...$options, $read];
        }
        foreach (['options', 'inspections', 'entries'] as $list) {
            $ids = array_filter(array_map(static fn (array $one): ?string => $one['id'] ?? null, $data[$list] ?? []), is_string(...));
            foreach (array_diff_key($ids, array_unique($ids)) as $i => $id) {
                $faults[] = Fault::of("/{$list}/{$i}/id", "“{$id}” a second time", 'an id that no other has');
            }
        }
        $entries = [];
        foreach ($data['entries'] ?? [] as $i => $entry) {
            $read = self::part("/entries/{$i}", static fn () => EntryCodec::fromValid($entry), $faults);
            $entries = $read === null ? $entries : [...$entries, $read];
        }
        if ($faults !== [] || $site === null || $options === []) {
            throw FaultyInput::because($faults === [] ? [Fault::of('/options', 'nothing', 'at least one option')] : $faults);
        }

        return new Project(
            $data['name'], UnitSystem::from($data['units']), $site, $options,
            array_values(array_map(InspectionCodec::fromValid(...), $data['inspections'] ?? [])), $data['id'] ?? '', $plan,
            self::release($data['release'] ?? null), $entries,
        );
    }

    /**
     * @param  list<array<string, mixed>>  $data  of the schema's shape
     * @param  list<Fault>  $faults  added to
     * @return list<Product>
     */
    private static function products(array $data, array &$faults): array
    {
        $products = [];
        foreach ($data as $i => $one) {
            $product = self::part("/products/{$i}", static fn () => ProductCodec::fromValid($one), $faults);
            if ($product !== null && isset($products[$product->slug])) {
                $faults[] = Fault::of("/products/{$i}/slug", "“{$product->slug}” a second time", 'a slug that no other has');
            }
            if ($product !== null) {
                $products[$product->slug] = $product;
            }
        }

        return array_values($products);
    }

    /** @param  array<string, mixed>|null  $data  of the schema's shape */
    private static function release(?array $data): ?Release
    {
        return $data === null ? null : new Release(
            $data['option'], $data['by'], $data['at'], array_values($data['open'] ?? []),
            array_map(
                static fn (array $c): DesignChange => new DesignChange($c['why'], $c['what'], $c['by'], $c['at']),
                array_values($data['changes'] ?? []),
            ),
        );
    }

    /** @return list<Fault> */
    private static function planless(Items $layout, int $option): array
    {
        return $layout->all === [] ? [] : [Fault::of("/options/{$option}/layout", 'items without a plan', 'a plan that they lie in')];
    }

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @param  list<Fault>  $faults  added to
     * @return T|null
     */
    private static function part(string $at, callable $read, array &$faults): mixed
    {
        try {
            return $read();
        } catch (FaultyInput $e) {
            array_push($faults, ...array_map(static fn (Fault $f): Fault => $f->at($at), $e->faults));

            return null;
        }
    }

    /**
     * @param  list<array{rule: string, reason: string, by: string, on: string}>  $data  of the schema's shape
     * @return list<SetAside>
     */
    public static function setAside(array $data): array
    {
        return array_map(static fn (array $s): SetAside => new SetAside($s['rule'], $s['reason'], $s['by'], $s['on']), $data);
    }

    /** @return array<string, mixed> */
    private static function content(Project $project): array
    {
        return [
            'id' => $project->id,
            'name' => $project->name,
            'units' => $project->units->value,
            'site' => SiteCodec::toArray($project->site),
            'options' => array_map(static fn (Option $o): array => [
                'id' => $o->id,
                'name' => $o->name,
                'pinned' => $o->pinned,
                'note' => $o->note,
                'design' => DesignCodec::toArray($o->written()),
                'set_aside' => array_map(static fn (SetAside $s): array => $s->toArray(), $o->setAside),
                ...($o->plan === null ? [] : ['plan' => PlanCodec::inFile($o->plan)]),
                ...($o->layout->all === [] ? [] : ['layout' => PlanCodec::items($o->layout)]),
                ...($o->days->toArray() === (new SetDays)->toArray() ? [] : [
                    'schedule' => [...$o->days->toArray(), 'not_before' => (object) $o->days->notBefore],
                ]),
            ], $project->options),
            'inspections' => array_map(InspectionCodec::toArray(...), $project->inspections),
            ...($project->plan === null ? [] : ['plan' => PlanCodec::inFile($project->plan)]),
            ...($project->release === null ? [] : ['release' => [
                'option' => $project->release->option, 'by' => $project->release->by, 'at' => $project->release->at,
                'open' => $project->release->open,
                'changes' => array_map(static fn (DesignChange $c): array => get_object_vars($c), $project->release->changes),
            ]]),
            ...($project->products() === [] ? [] : ['products' => array_map(ProductCodec::toArray(...), $project->products())]),
            ...($project->entries === [] ? [] : ['entries' => array_map(EntryCodec::toArray(...), $project->entries)]),
        ];
    }
}
