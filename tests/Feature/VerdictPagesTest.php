<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\History\History;
use App\Models\Project;
use App\Models\Share;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Support\Str;
use Ondergrond\Assessor;
use Ondergrond\Examples\Examples;
use Ondergrond\Rules\Concern;
use Ondergrond\Site\ClimateSource;
use Ondergrond\Verdict\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Every page, print and link says the core's words: none its own, none green beside a finding that forbids it. */
final class VerdictPagesTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function projects(): array
    {
        return array_combine(
            array_map(static fn ($p): string => $p->name, Examples::all()),
            array_map(static fn ($p): array => [$p->name], Examples::all()),
        );
    }

    #[DataProvider('projects')]
    public function test_pages_say_what_the_rulings_say(string $name): void
    {
        $core = array_values(array_filter(Examples::all(), static fn ($p): bool => $p->name === $name))[0];
        $project = Project::store($core, $this->firm, 'test');
        $option = $project->leading();
        $judgement = Assessor::assess($project->site, $option->design, $project->units, $option->setAside())->judgement;
        $rulings = $judgement->rulings;
        foreach ($judgement->findings as $judged) {
            $grave = in_array($judged->finding->severity, [Severity::Stop, Severity::Fix], true);
            if ($grave && $judged->finding->rule->concern() !== Concern::None) {
                self::assertSame('fails', $rulings->on($judged->finding->rule->concern())->word->value, $judged->finding->rule->id());
            }
        }

        $section = $this->page("/projects/{$project->id}/section/{$option->id}?field=now");
        $link = Share::query()->forceCreate([
            'project_id' => $project->id, 'option_id' => $option->id, 'made_for' => 'a client', 'made_by' => 'test',
            'expires_at' => now()->addDay(),
        ])->link();
        $shared = $this->page(substr($link, (int) strpos($link, '/shared')));
        $options = $this->page("/projects/{$project->id}/options");
        $projects = $this->page('/');
        $compare = $this->page("/projects/{$project->id}/compare");
        foreach (Concern::verdicts() as $i => $concern) {
            $word = $rulings->on($concern)->word;
            $slug = 'word-'.Str::slug($word->value);
            $cell = "//button[@data-core='{$concern->value}']";
            self::assertSame([$slug], $this->words($section, $cell), "{$concern->value} at a glance");
            self::assertSame([$slug], $this->words($section, "//*[@data-panel='{$concern->value}']//h2"), "{$concern->value} in detail");
            self::assertSame([$slug], $this->words($shared, "(//div[contains(@class, 'strip')]/div)[".($i + 1).']'), 'the client’s');
            $title = $concern->label();
            foreach (['options' => $options, 'projects' => $projects] as $page => $at) {
                self::assertSame(
                    [$slug], $this->words($at, "(//p[@class='verdict-marks'])[1]/span[starts-with(@title, '{$title}:')]"),
                    "{$concern->value} among the {$page}",
                );
            }
            self::assertSame($slug, $this->words($compare, "//tr[th[normalize-space() = '{$title}']]/td[1]")[0] ?? null, 'compared');
            self::assertSame(
                $rulings->on($concern)->provisional,
                str_contains($this->said($section, $cell), 'provisional'),
                'what hangs on a climate that is not the site’s own says so',
            );
        }
        $worst = 'word-'.Str::slug($rulings->worst()->word->value);
        self::assertSame($worst, $this->words($options, "(//div[@class='verdicts'])[1]")[0] ?? null, 'the worst as the headline');
        foreach (['damp', 'mass'] as $page) {
            self::assertSame(
                'word-'.Str::slug($rulings->on(Concern::from($page))->word->value),
                $this->words($this->page("/projects/{$project->id}/section/{$option->id}/{$page}?field=now"), '//h1')[0] ?? null,
            );
        }
    }

    public function test_the_climate_of_the_site_itself_takes_the_stamp_away(): void
    {
        $project = Project::store(Examples::boathouse(), $this->firm, 'test');
        self::assertSame(ClimateSource::Invented, $project->site->climate->source);
        $at = "/projects/{$project->id}/site";
        $this->get($at)->assertOk()->assertSee('name="site[climate][source]"', false);
        $own = ['climate' => [
            'monthly_mean_c' => array_map(static fn (float $t): string => sprintf('%.1f °C', $t + 0.3), $project->site->climate->monthly),
        ]];
        $revision = History::head($project)->id;
        $this->put($at, ['name' => $project->name, 'revision' => $revision, 'site' => $own])->assertRedirect();
        self::assertSame(ClimateSource::Own, $project->refresh()->site->climate->source, 'typed over invented ones, they are its own');
        self::assertStringNotContainsString(
            'provisional', $this->said($this->page("/projects/{$project->id}/section"), "//*[@id='bench-strip']"),
        );
    }

    private function page(string $path): DOMXPath
    {
        $html = (string) $this->get($path)->assertOk()->getContent();
        $page = new DOMDocument;
        @$page->loadHTML('<?xml encoding="utf-8"?>'.$html);

        return new DOMXPath($page);
    }

    /** @return list<string> the classes of the words within */
    private function words(DOMXPath $page, string $at): array
    {
        $words = [];
        $found = $page->query($at."//span[contains(concat(' ', @class, ' '), ' word ')]");
        foreach ($found === false ? [] : $found as $word) {
            if ($word instanceof DOMElement) {
                $words[] = trim(str_replace('word ', '', $word->getAttribute('class')));
            }
        }

        return $words;
    }

    private function said(DOMXPath $page, string $at): string
    {
        $found = $page->query($at);

        return $found === false ? '' : trim((string) $found->item(0)?->nodeValue);
    }
}
