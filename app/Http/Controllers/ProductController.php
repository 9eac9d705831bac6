<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Reader;
use App\Forms\TypedProduct;
use App\Models\Firm;
use App\Models\Project;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Ondergrond\Material\Catalogue;

/** The firm's own products; a project keeps the version it took until it takes over another. */
final class ProductController
{
    public function index(Reader $reading): View
    {
        return $this->page($reading, null);
    }

    public function edit(string $product, Reader $reading): View
    {
        return $this->page($reading, $product);
    }

    private function page(Reader $reading, ?string $slug): View
    {
        $firm = User::current()->firm;
        $products = $firm->ownProducts();
        abort_if($slug !== null && ! isset($products[$slug]), 404);
        $format = $reading->formatter();

        return view('products', [
            'products' => $products,
            'product' => $slug === null ? null : $products[$slug],
            'fields' => TypedProduct::typed(),
            'shown' => (new TypedProduct($format))->shown($slug === null ? null : $products[$slug]),
            'generic' => Catalogue::all(),
            'format' => $format,
            'takenBy' => self::takenBy($firm),
        ]);
    }

    /** @return array<string, list<Project>> by slug, whose projects have a copy of it */
    private static function takenBy(Firm $firm): array
    {
        $by = [];
        foreach ($firm->projects()->orderBy('name')->get(['id', 'name', 'products']) as $project) {
            foreach (array_keys($project->products) as $slug) {
                $by[$slug][] = $project;
            }
        }

        return $by;
    }

    public function store(Request $request, Reader $reading): RedirectResponse
    {
        $firm = User::current()->firm;
        $product = (new TypedProduct($reading->formatter()))->read($request->array('product'), null, $firm);
        $firm->keep($product);

        return redirect()->route('products.index')->with('said', "{$product->name} is on the list.");
    }

    public function update(string $product, Request $request, Reader $reading): RedirectResponse
    {
        $firm = User::current()->firm;
        $before = $firm->ownProducts()[$product] ?? abort(404);
        $then = (new TypedProduct($reading->formatter()))->read($request->array('product'), $before, $firm);
        $firm->keep($then);

        return redirect()->route('products.index')->with(
            'said', sprintf('%s is at version %.0f. Projects keep the version they took.', $then->name, $then->version),
        );
    }

    public function destroy(string $product): RedirectResponse
    {
        $firm = User::current()->firm;
        abort_unless(isset($firm->products[$product]), 404);
        $firm->update(['products' => array_diff_key($firm->products, [$product => true])]);

        return redirect()->route('products.index')->with('said', 'Off the list. Projects keep what they took.');
    }

    /** A project takes over the version that the firm's list has now. */
    public function follow(Project $project, string $product): RedirectResponse
    {
        $newer = $project->newerProducts()[$product] ?? abort(404);
        $project->takeProduct($newer);

        return redirect()->route('options.index', $project)->with(
            'said', sprintf('%s: version %.0f is taken over.', $newer->name, $newer->version),
        );
    }
}
