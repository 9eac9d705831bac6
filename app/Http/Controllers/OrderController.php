<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Building\BuildingJob;
use App\Database\Lock;
use App\Forms\Reader;
use App\Forms\Word;
use App\History\Conflict;
use App\History\History;
use App\Http\Download;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Project;
use App\Models\User;
use App\View\OrderPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Design\Part;
use Ondergrond\Exchange\CsvWriter;
use Ondergrond\Exchange\OrderFile;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Order\Swap;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Takeoff\Unit;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnreadableQuantity;

/** What a job asks for, what of it was ordered, and what came. */
final readonly class OrderController
{
    public function __construct(private Reader $reading, private History $history) {}

    public function show(Project $project, Request $request): View
    {
        return view('order.show', ['page' => OrderPage::of($project, $this->reading->formatter($project), $request)]);
    }

    public function csv(Project $project): Response
    {
        $prices = Gate::allows('update', $project) ? $project->prices() : PriceList::none();

        return Download::of(
            CsvWriter::write(OrderFile::rows(BuildingJob::of($project)->order($prices), Gate::allows('update', $project))),
            'text/csv; charset=utf-8', $project->name.' order', 'csv',
        );
    }

    /** The lines as they are now, with their prices, are asked for: of a released option alone. */
    public function store(Project $project): RedirectResponse
    {
        Lock::on($project, static function () use ($project): void {
            $release = $project->release()->first();
            if ($release === null || ! $release->holdsFast()) {
                throw ValidationException::withMessages(['order' => $release === null
                    ? 'Release an option to be built first: an order is of what is released.'
                    : 'A change is under way. End it first, then order.']);
            }
            $list = BuildingJob::of($project)->order($project->prices());
            $order = $project->orders()->create([
                'option_id' => $release->option_id, 'by' => User::current()->name, 'currency' => $list->currency(),
                'lines' => OrderFile::toArray($list)['lines'],
            ]);
            foreach ($list->lines as $line) {
                $order->events()->create(['line' => $line->id, 'state' => OrderState::Asked, 'who' => User::current()->name]);
            }
        });

        return redirect()->route('order.show', $project)->with('said', 'Written down as asked for.');
    }

    /** Another product is taken, as it was judged; what is released is held. */
    public function swap(Project $project, Request $request): RedirectResponse
    {
        $option = $project->building();
        $part = Part::tryFrom(Word::of($request, 'part'));
        $material = $project->materials()->find(Word::of($request, 'material'));
        abort_unless($part !== null && $material !== null, 422);
        try {
            $this->history->change($option, $request->integer('revision'), static fn (array $state): array => [
                ...$state, 'design' => DesignCodec::toArray(Swap::put(
                    DesignCodec::fromArray($state['design'], $project->materials()), $part, $material,
                )),
            ]);
        } catch (FaultyInput $e) {
            throw ValidationException::withMessages(['swap' => "Found {$e->faults[0]->found}. Allowed: {$e->faults[0]->allowed}."]);
        } catch (Conflict $e) {
            throw ValidationException::withMessages(['swap' => "Changed since by {$e->who}. Judge it anew: nothing was taken."]);
        }

        return redirect()->route('order.show', $project)->with('said', "{$material->name} is taken: the section and the order follow.");
    }

    /** What became of a line: the office orders, whoever takes a delivery says what came. */
    public function event(Project $project, Order $order, Request $request): RedirectResponse
    {
        $state = OrderState::tryFrom(Word::of($request, 'state'));
        $line = Word::of($request, 'line');
        $note = trim(Word::of($request, 'note'));
        abort_unless($state !== null && in_array($line, array_column($order->lines, 'id'), true), 422);
        abort_unless($state->isDelivery() || Gate::allows('update', $project), 403);
        $quantity = null;
        $typed = trim(Word::of($request, 'quantity'));
        if ($typed !== '') {
            $format = $this->reading->written($request, $project);
            try {
                $unit = Unit::from(array_column($order->lines, 'unit', 'id')[$line]);
                $quantity = QuantityParser::parse($typed, Quantity::Ratio, $format->system, $format->mark)
                    / $unit->sold($format->system)[0];
            } catch (UnreadableQuantity $e) {
                throw ValidationException::withMessages(["quantity.{$line}" => $e->getMessage()]);
            }
            if ($quantity < 0) {
                throw ValidationException::withMessages(["quantity.{$line}" => 'Allowed: 0 and more.']);
            }
        }
        if ($state === OrderState::Short && $quantity === null || $state === OrderState::Wrong && mb_strlen($note) < 3) {
            throw ValidationException::withMessages(["quantity.{$line}" => $state === OrderState::Short
                ? 'Say how much came.' : 'Say in the note what came instead.']);
        }
        $order->events()->create([
            'line' => $line, 'state' => $state, 'quantity' => $quantity, 'note' => mb_substr($note, 0, 500), 'who' => User::current()->name,
        ]);

        return redirect()->route('order.show', $project)->with('said', 'Written down.');
    }
}
