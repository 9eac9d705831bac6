<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\FaultMessages;
use App\Forms\Reader;
use App\Forms\Word;
use App\Later\Assessed;
use App\Later\Fields;
use App\Later\FieldWanted;
use App\Later\Hours;
use App\Later\Winters;
use App\Models\Option;
use App\Models\Project;
use App\View\DampPage;
use Illuminate\Http\Request;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;
use Illuminate\View\View;
use Ondergrond\Damp\Evaporation;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Remedy;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnreadableQuantity;

/** All that is said of one option's damp, and the sum for the day of the pour. */
final class DampController
{
    private const POUR = [
        'concrete_c' => [Quantity::Temperature, 25.0],
        'air_c' => [Quantity::Temperature, 22.0],
        'humidity_share' => [Quantity::Share, 0.5],
        'wind_m_s' => [Quantity::Speed, 3.0],
    ];

    public function __construct(private readonly Fields $fields, private readonly Winters $winters, private readonly Hours $hours) {}

    /** At once what needs no field; all of it where that is asked for. */
    public function show(Project $project, Option $option, Request $request, Reader $reading): View
    {
        $format = $reading->formatter($project);
        [$pour, $evaporation, $errors] = self::pour($request, $format);
        // Shared, because the fields are components and see nothing else.
        view()->share('errors', (new ViewErrorBag)->put('default', new MessageBag($errors)));

        $wanted = FieldWanted::tryFrom(Word::of($request, 'field')) ?? FieldWanted::None;
        $said = Assessed::of($project, $option, $wanted, $this->fields, $this->winters, $this->hours);
        // What a press on the bench would do about the layers.
        $remedies = array_filter(
            array_map(
                static fn (string $rule): ?Remedy => $said->judgement->find($rule)?->finding->remedy,
                ['stacks-stay-dry', 'nothing-trapped'],
            ),
        );

        return view('damp.show', [
            'project' => $project,
            'option' => $option,
            'format' => $format,
            'damp' => new DampPage($said->damp, $format, $said->judgement->rulings->on(Concern::Damp), $project->seen()),
            'remedies' => array_unique(array_map(static fn (Remedy $r): string => $r->said->in($format), $remedies)),
            'pour' => $pour,
            'evaporation' => $evaporation,
        ]);
    }

    /**
     * What was typed for the day of the pour, what it comes to, and what is wrong with it.
     *
     * @return array{array<string, string>, Evaporation|null, array<string, list<string>>}
     */
    private static function pour(Request $request, QuantityFormatter $format): array
    {
        $shown = $values = $errors = [];
        foreach (self::POUR as $key => [$quantity, $usual]) {
            $typed = Word::of($request, 'pour.'.$key);
            $shown[$key] = $typed === '' ? $format->format($usual, $quantity) : $typed;
            try {
                $values[$key] = $typed === '' ? $usual : QuantityParser::parse($typed, $quantity, $format->system, $format->mark);
            } catch (UnreadableQuantity $e) {
                $errors['pour.'.$key][] = $e->getMessage();
            }
        }
        if (! isset($values['concrete_c'], $values['air_c'], $values['humidity_share'], $values['wind_m_s'])) {
            return [$shown, null, $errors];
        }
        try {
            return [$shown, Evaporation::of($values['concrete_c'], $values['air_c'], $values['humidity_share'], $values['wind_m_s']), []];
        } catch (FaultyInput $e) {
            return [$shown, null, FaultMessages::of($e, $format, 'pour.')];
        }
    }
}
