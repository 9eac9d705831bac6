<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Act;
use App\Forms\Reader;
use App\Forms\Word;
use App\Models\Option;
use App\Models\Project;
use App\Models\User;
use App\View\PartsPicker;
use App\View\View as Shown;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\SvgSmall;

/** What the bench shows before a hand is laid on it: what a remedy would build, which parts may be put in. Changes nothing. */
final readonly class SectionAidController
{
    public function __construct(private Reader $reading) {}

    /** Outlines of what a finding's remedy would build otherwise, in the pixels of the drawing shown; none where it has none. */
    public function remedy(Project $project, Option $option, Request $request): JsonResponse
    {
        $format = $this->reading->formatter($project);
        try {
            $state = (new Act($project, $option, $format, User::current()->name, []))
                ->on($option->asShown($option->state()), 'remedy:'.Word::of($request, 'rule'));
        } catch (ValidationException) {
            return new JsonResponse(['path' => '']);
        }
        $then = $option->planned(DesignCodec::fromArray($state['design'], $project->materials()));
        $view = Shown::of($request)->within($option->design);
        [$stretch, $other] = [$view->stretchOf($option->design), $view->stretchOf($then)];
        $drawing = SectionDrawing::of($stretch->design, $format, $stretch->kind, $view->detail, hatched: false);

        return new JsonResponse(['path' => SvgSmall::outlines(
            $drawing, SectionDrawing::otherwise($stretch->design, $other->design, $drawing, $stretch->kind),
        )]);
    }

    /** What may be put in, each drawn where it would go, and why the rest may not. */
    public function parts(Project $project, Option $option): View
    {
        return view('section.parts', ['parts' => PartsPicker::of($option->design, $this->reading->formatter($project))]);
    }
}
