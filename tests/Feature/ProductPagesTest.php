<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Option;
use App\Models\Project;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Load\LoadVerdict;
use RuntimeException;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** The firm's own products: typed, chosen, copied into a project, moved on, taken over. */
final class ProductPagesTest extends TestCase
{
    private const TYPED = [
        'name' => 'Blue plank 30', 'like' => 'xps-25psi', 'conductivity_w_mk' => '0.031', 'density_kg_m3' => '30',
        'strength_kpa' => '300 kPa',
        'films' => 'no', 'sold_m' => '50 mm; 100 mm', 'sheet' => 'Sheet 12, 2026', 'mark' => 'blue, three dots',
    ];

    private Project $project;

    private Option $option;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->project = Project::store(Examples::of('insulated-screed-floor') ?? throw new RuntimeException, $this->firm, 'The test');
        $this->option = $this->project->options->sortBy('position')->firstOrFail();
    }

    public function test_it_is_added_chosen_carries_a_load_and_moves_on_without_the_project(): void
    {
        $this->post('/products', ['product' => self::TYPED])->assertSessionHasNoErrors();
        $this->get('/products')->assertOk()->assertSee('Blue plank 30')->assertSee('not said')->assertSee('version 1');
        $this->get('/materials')->assertOk()->assertSee('Blue plank 30');
        $page = "/projects/{$this->project->id}/section/{$this->option->id}";
        $this->get("{$page}/parts")->assertOk();
        $this->save(['board_above' => ['material' => 'own-blue-plank-30'], 'loads' => ['floor_live_kpa' => '5']])
            ->assertSessionHasNoErrors();
        $this->get($page)->assertOk()->assertSee('Blue plank 30')->assertSee('resistance to vapour is not said');
        $design = ($this->option->fresh() ?? self::fail('it is there'))->design;
        self::assertSame('own-blue-plank-30', $design->boardAbove->material->slug);
        self::assertEqualsWithDelta(100.0, LoadVerdict::of($this->project->site, $design)->at('on-slab')?->allowableLong(), 1e-9);

        $hash = $this->hash();
        $this->put('/products/own-blue-plank-30', ['product' => [...self::TYPED, 'strength_kpa' => '150 kPa']])->assertSessionHasNoErrors();
        self::assertSame($hash, $this->hash(), 'its edit changes no project');
        self::assertSame(300.0, $this->option->fresh()?->design->boardAbove->material->strength, 'nor what its boards carry');
        $this->get("/projects/{$this->project->id}/options")->assertOk()->assertSee('version 2');
        $this->delete('/products/own-blue-plank-30')->assertRedirect();
        self::assertSame($hash, $this->hash());
        $this->get($page)->assertOk()->assertSee('Blue plank 30');
    }

    public function test_a_project_takes_over_a_later_version(): void
    {
        $this->post('/products', ['product' => self::TYPED]);
        $this->save(['board_above' => ['material' => 'own-blue-plank-30']])->assertSessionHasNoErrors();
        $this->put('/products/own-blue-plank-30', ['product' => [...self::TYPED, 'strength_kpa' => '150 kPa']]);
        $hash = $this->hash();
        $this->put("/projects/{$this->project->id}/products/own-blue-plank-30")->assertRedirect()->assertSessionHasNoErrors();
        self::assertNotSame($hash, $this->hash());
        self::assertSame(150.0, $this->option->fresh()?->design->boardAbove->material->strength);
        $this->put("/projects/{$this->project->id}/products/own-blue-plank-30")->assertNotFound();
        $this->save(['board_above' => ['thickness_m' => '100 mm']])->assertSessionHasNoErrors();
        $this->post("/projects/{$this->project->id}/section/{$this->option->id}/undo");
        self::assertSame('own-blue-plank-30', $this->option->refresh()->design->boardAbove->material->slug);
    }

    public function test_what_is_wrong_is_said_at_its_field_and_nothing_is_added(): void
    {
        $this->post('/products', ['product' => [...self::TYPED, 'conductivity_w_mk' => 'little']])
            ->assertSessionHasErrors('product.conductivity_w_mk');
        $this->post('/products', ['product' => [...self::TYPED, 'name' => '']])->assertSessionHasErrors('product.name');
        $this->post('/products', ['product' => [...self::TYPED, 'conductivity_w_mk' => '']])
            ->assertSessionHasErrors('product.conductivity_w_mk');
        $this->post('/products', ['product' => [...self::TYPED, 'sold_m' => '50 mm; much']])->assertSessionHasErrors('product.sold_m');
        $this->post('/products', [])->assertSessionHasErrors();
        self::assertSame([], $this->firm->fresh()?->products);
        $this->get('/products/own-nothing')->assertNotFound();
        $this->put('/products/own-nothing', ['product' => self::TYPED])->assertNotFound();
    }

    public function test_a_product_is_priced_by_the_square_metre_and_told_by_its_air_layer(): void
    {
        $this->post('/products', ['product' => [
            ...self::TYPED, 'thickness_m' => '100 mm', 'air_layer_m' => '5 m', 'by_square' => 'yes',
        ]])->assertSessionHasNoErrors();
        self::assertSame(50.0, $this->firm->refresh()->materials()->get('own-blue-plank-30')->mu);
        $this->get('/prices')->assertOk()->assertSee('Blue plank 30, each m² of 100');
        $this->put('/prices', ['currency' => 'fl.', 'per_m3' => ['own-blue-plank-30' => '12']])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(120.0, $this->firm->refresh()->priceList()->perCubicMetre['own-blue-plank-30'], 1e-9);
        $this->get('/prices')->assertOk()->assertSee('value="12"', false);
        $this->post('/products', ['product' => [...self::TYPED, 'air_layer_m' => '5 m']])->assertSessionHasErrors('product.thickness_m');
    }

    private function hash(): string
    {
        return ProjectFile::hash(($this->project->fresh() ?? self::fail('it is there'))->toCore());
    }

    /**
     * @param  array<string, mixed>  $design
     * @return TestResponse<Response>
     */
    private function save(array $design): TestResponse
    {
        return $this->put("/projects/{$this->project->id}/section/{$this->option->id}", [
            'revision' => $this->option->revisions()->latest('id')->firstOrFail()->id, 'design' => $design,
        ]);
    }
}
