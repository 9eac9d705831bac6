<?php

declare(strict_types=1);

namespace App\Forms;

use App\Models\Option;
use Illuminate\Validation\ValidationException;
use Ondergrond\Codec\PlanCodec;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Redraw;
use Ondergrond\Project\Ulid;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnreadableQuantity;

/** What was typed on the page of a plan: places, kinds, sizes, and lengths of walls. What is pressed there is a PlanAct. */
final readonly class TypedPlan
{
    /** @param  array<string, string>  $names  ids of items, by what they are called */
    public function __construct(private QuantityFormatter $format, private array $names = []) {}

    /** @return array<string, string> ids of what stands on an option's plan, by name; the first where several bear one */
    public static function names(Option $option): array
    {
        $names = [];
        foreach ($option->plan()?->items->and($option->layout())->all ?? [] as $id => $item) {
            $names += [$item->at()->name => $id];
        }

        return $names;
    }

    /**
     * @param  array<string, mixed>  $plan  as in project files
     * @param  array<array-key, mixed>  $typed  texts, same shape
     * @param  array<array-key, mixed>  $lengths  texts, by wall: as long as it should be
     * @return array<string, mixed>
     *
     * @throws ValidationException
     */
    public function plan(array $plan, array $typed, array $lengths): array
    {
        // A length that still reads as it was shown is left, whatever became of its wall by another field.
        $shown = PlanCodec::fromValid(['items' => []] + $plan)->outline->sides();
        $typed['items'] = $this->lined(is_array($typed['items'] ?? null) ? $typed['items'] : [], 'plan.items');
        $read = static fn (array $data): array => self::read($data['plan'], $plan);
        $plan = TypedData::merge(['plan' => $plan], ['plan' => $typed], $this->format, $read)['plan'];
        foreach ($lengths as $wall => $text) {
            $was = isset($shown[$wall]) ? $this->format->format($shown[$wall]->length(), Quantity::Length) : null;
            if (is_string($text) && isset($plan['corners'][$wall]) && self::plain($text) !== self::plain((string) $was)) {
                $plan = $this->lengthened($plan, (string) $wall, $text);
            }
        }

        return $plan;
    }

    /**
     * @param  array<string, array<string, mixed>>  $layout  as in project files
     * @param  array<array-key, mixed>  $typed  texts, same shape
     * @return array<string, array<string, mixed>>
     *
     * @throws ValidationException
     */
    public function layout(array $layout, array $typed): array
    {
        $read = static fn (array $data): array => [
            'layout' => PlanCodec::items($data['layout'] === [] ? new Items : PlanCodec::itemsFromArray($data['layout'], $layout)),
        ];

        return TypedData::merge(['layout' => $layout], ['layout' => $this->lined($typed, 'layout')], $this->format, $read)['layout'];
    }

    /**
     * What items stand in line with is typed by name, and kept by id.
     *
     * @param  array<array-key, mixed>  $items  as typed
     * @return array<array-key, mixed>
     *
     * @throws ValidationException where nothing bears that name
     */
    private function lined(array $items, string $path): array
    {
        foreach ($items as $id => $item) {
            $name = is_array($item) && is_string($item['in_line'] ?? null) ? trim($item['in_line']) : '';
            if (is_array($item) && $name !== '') {
                $known = $this->names[$name] ?? (in_array($name, $this->names, true) || Ulid::isOne($name) ? $name : null);
                $items[$id] = [...$item, 'in_line' => $known ?? throw ValidationException::withMessages(
                    ["{$path}.{$id}.in_line" => 'Allowed: the name of something that is set on the plan.'],
                )];
            }
        }

        return $items;
    }

    private static function plain(string $text): string
    {
        return trim(str_replace(["\u{a0}", "\u{202f}"], ' ', $text));
    }

    /**
     * @param  array<string, mixed>  $plan
     * @param  array<string, mixed>  $stored
     * @return array{plan: array<string, mixed>}
     *
     * @throws FaultyInput
     */
    private static function read(array $plan, array $stored): array
    {
        if (($plan['pegs'] ?? null) !== null && in_array(null, $plan['pegs'], true)) {
            $plan['pegs'] = null;
        }

        try {
            return ['plan' => PlanCodec::toArray(PlanCodec::fromArray($plan, $stored))];
        } catch (FaultyInput $e) {
            throw $e->at('/plan');
        }
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return array<string, mixed>
     *
     * @throws ValidationException
     */
    private function lengthened(array $plan, string $wall, string $text): array
    {
        try {
            $length = QuantityParser::parse($text, Quantity::Length, $this->format->system, $this->format->mark);

            return PlanCodec::toArray(Redraw::lengthened(PlanCodec::fromArray($plan), $wall, $length));
        } catch (UnreadableQuantity $e) {
            throw ValidationException::withMessages(["lengths.{$wall}" => $e->getMessage()]);
        } catch (FaultyInput $e) {
            $fault = $e->faults[0];
            throw ValidationException::withMessages(["lengths.{$wall}" => $fault->min === null
                ? 'So long it would not close: '.$fault->line()
                : 'Allowed: '.$this->format->format($fault->min, Quantity::Length).' to '.$this->format->format(
                    (float) $fault->max, Quantity::Length,
                ).'.']);
        }
    }
}
