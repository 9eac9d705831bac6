<?php

declare(strict_types=1);

namespace App\Forms;

use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Ondergrond\Design\Design;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\Shape;
use Ondergrond\Project\TypedFloor;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnreadableQuantity;

/**
 * An outline as it is asked for: by the sizes of a shape (`shape`, `sizes`), by those that the typed area and outline leave open
 * (with `keep`), or by its legs (`shape` traverse, `legs`).
 */
final readonly class TypedOutline
{
    /**
     * @param  Design  $design  as it was typed
     * @param  Design  $standing  as it stands now, on a plan that is drawn already or as typed
     */
    public function __construct(private QuantityFormatter $format, private Design $design, private Design $standing) {}

    /** @throws ValidationException */
    public function read(Request $request): Plan
    {
        $word = Word::of($request, 'shape');
        if ($word === 'traverse') {
            return $this->traverse(Word::of($request, 'legs'));
        }
        $shape = Shape::tryFrom($word) ?? throw ValidationException::withMessages(['shape' => 'Choose a shape.']);
        $keep = $request->boolean('keep');
        $sizes = $this->sizes($request, $keep ? $shape->open() : $shape->sizes(), $keep);
        try {
            return $keep ? TypedFloor::plan($this->design, $shape, $sizes)
                : TypedFloor::beside(Plan::along($shape->corners($sizes)), $this->standing);
        } catch (FaultyInput $e) {
            $messages = FaultMessages::of($e, $this->format, 'sizes.');
            throw ValidationException::withMessages(isset($messages['sizes.']) ? [
                'shape' => "The numbers stay as they are. Found: {$e->faults[0]->found}. Allowed: {$e->faults[0]->allowed}.",
            ] : $messages);
        }
    }

    /**
     * @param  array<string, string>  $asked
     * @return array<string, float>
     *
     * @throws ValidationException
     */
    private function sizes(Request $request, array $asked, bool $mayBeLeft): array
    {
        $sizes = $errors = [];
        foreach ($asked as $key => $name) {
            $text = trim(Word::of($request, "sizes.{$key}"));
            if ($text === '' && $mayBeLeft && $key === 'from_m') {
                continue;
            }
            try {
                $sizes[$key] = QuantityParser::parse($text, Quantity::Length, $this->format->system, $this->format->mark);
            } catch (UnreadableQuantity $e) {
                $errors["sizes.{$key}"] = $e->getMessage();
            }
        }

        return $errors === [] ? $sizes : throw ValidationException::withMessages($errors);
    }

    /** @throws ValidationException */
    private function traverse(string $legs): Plan
    {
        $lines = array_values(
            array_filter(array_map(trim(...), explode("\n", strtr($legs, ["\r" => '']))), static fn (string $l): bool => $l !== ''),
        );
        try {
            $traverse = TypedTraverse::read($lines, $this->format);
            if (! $traverse->closes()) {
                throw ValidationException::withMessages(['legs' => TypedTraverse::misclosure($traverse, $this->format)]);
            }

            return TypedFloor::beside(Plan::along($traverse->outline()), $this->standing);
        } catch (FaultyInput $e) {
            $messages = [];
            foreach ($e->faults as $fault) {
                $leg = preg_match('~^/(\d+)$~', $fault->pointer, $m) === 1 ? 'Leg '.((int) $m[1] + 1).': ' : '';
                $messages[] = $leg.'found '.$fault->found.', allowed: '.$fault->allowed.'.';
            }
            throw ValidationException::withMessages(['legs' => $messages]);
        }
    }
}
