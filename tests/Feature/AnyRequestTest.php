<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use App\Models\Role;
use DOMDocument;
use DOMElement;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use LogicException;
use Ondergrond\Exchange\ProjectFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Tests\Lot;
use Tests\Oddities;
use Tests\TestCase;

/**
 * Whatever is sent to any route is answered: done, or refused in words and nothing changed. The fields are those of the forms on the
 * pages, as they stand there, with some of them another.
 */
#[Group('slow')]
final class AnyRequestTest extends TestCase
{
    use EveryRoute;

    private Project $project;

    /** Whether anything was asked of the database that changes it. */
    private bool $wrote = false;

    private Lot $lot;

    private Oddities $odd;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->become($this->member(Role::Owner));
        $this->project = $this->built();
        DB::listen(function (QueryExecuted $query): void {
            $this->wrote = $this->wrote || preg_match('~^\s*(insert|update|delete|replace)~i', $query->sql) === 1;
        });
    }

    /** @return iterable<string, array{int}> in parts, so that they run beside each other */
    public static function parts(): iterable
    {
        for ($i = 0; $i < 4; $i++) {
            yield "part {$i}" => [$i];
        }
    }

    #[DataProvider('parts')]
    public function test_any_route_answers_whatever_it_is_sent(int $part): void
    {
        $all = Lot::of(20_261_128, 25);
        $forms = $this->forms();
        $refused = $done = 0;
        $number = 0;
        $wrong = [];
        foreach ($this->routes() as $name => $route) {
            if ($number++ % 4 !== $part) {
                continue;
            }
            $this->lot = $all->for($name);
            $this->odd = new Oddities($this->lot);
            $address = $this->address($route, $this->project->refresh());
            $method = $route->methods()[0];
            $fields = $forms["{$method} {$route->uri()}"] ?? [];
            $before = $this->stored();
            for ($i = 0; $i < $all->many; $i++) {
                DB::beginTransaction();
                $this->wrote = false;
                [$to, $sent, $files] = [$this->otherAddress($address), $this->sent($fields), $this->files($name)];
                $answer = $this->asked($method, $to, $sent, $files);
                $words = "{$method} {$to} of {$name}, number {$i} of seed {$all->seed}: "
                    .substr((string) json_encode($sent, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR), 0, 2_000);
                if ($answer->getStatusCode() >= 500) {
                    $e = $answer->exception;
                    $wrong["{$name} {$e?->getMessage()}"] ??= "{$words}\n    {$e?->getMessage()} {$e?->getFile()}:{$e?->getLine()}";
                } elseif ($answer->getStatusCode() >= 400 || session()->has('errors')) {
                    $refused++;
                    if ($this->hasWritten() && $before !== $this->stored()) {
                        $wrong["{$name} changed"] ??= "{$words}\n    refused, and something was changed";
                    }
                } else {
                    $done++;
                }
                while (DB::transactionLevel() > 1) {
                    DB::rollBack();
                }
                $this->flushSession();
            }
        }
        self::assertSame([], array_values($wrong));
        self::assertGreaterThan(0, min($refused, $done), 'some of them are refused and some are done');
    }

    public function test_numbers_that_no_number_can_hold_are_answered(): void
    {
        $routes = [];
        foreach ($this->routes() as $route) {
            $routes["{$route->methods()[0]} {$route->uri()}"] = $route;
        }
        $wrong = [];
        foreach ($this->forms() as $name => $forms) {
            if (str_starts_with($name, 'GET ')) {
                continue;
            }
            parse_str(implode('&', array_map(static fn (string $field): string => rawurlencode($field).'=huge',
                array_keys($forms[0]))), $fields);
            foreach (['1e400', '-1e400', '[1e400]'] as $number) {
                DB::beginTransaction();
                $body = str_replace('"huge"', $number, json_encode($fields, JSON_THROW_ON_ERROR));
                $answer = $this->call(
                    explode(' ', $name)[0], $this->address($routes[$name], $this->project->refresh()), [], [], [],
                    ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'text/html'], $body,
                );
                if ($answer->getStatusCode() >= 500) {
                    $wrong[] = "{$name} {$number}: {$answer->exception?->getMessage()}";
                }
                DB::rollBack();
                $this->flushSession();
            }
        }
        self::assertSame([], $wrong);
    }

    public function test_an_upload_may_have_any_name(): void
    {
        $days = "date,mean_c\n".implode("\n", array_map(
            static fn (int $d): string => gmdate('Y-m-d', 86_400 * $d).','.round(8 - 9 * cos(2 * M_PI * $d / 365.25), 2), range(0, 800),
        ));
        $this->lot = Lot::of(1, 1);
        foreach (["caf\xE9.csv" => 'caf?', "\u{202E}vsc.exe" => 'vsc', "\u{200B}.csv" => 'From a weather file',
            '' => 'From a weather file'] as $name => $kept) {
            $this->post("/projects/{$this->project->id}/site/climate",
                ['climate' => $this->upload($days, $name)])->assertSessionHasNoErrors();
            self::assertSame($kept, Project::query()->findOrFail($this->project->id)->site->climate->name);
        }
    }

    /**
     * @param  array<mixed>  $sent
     * @param  array<string, UploadedFile>  $files
     * @return TestResponse<Response>
     */
    private function asked(string $method, string $to, array $sent, array $files): TestResponse
    {
        $headers = [];
        if ($this->lot->chance(0.3)) {
            $headers['HTTP_X_BENCH'] = '1';
            $headers['HTTP_ACCEPT'] = 'application/json';
        }
        if ($method === 'GET') {
            return $this->call($method, $to.'?'.http_build_query($sent), [], [], [], $headers);
        }
        if ($files === [] && $this->lot->chance(0.15)) {
            $json = (string) preg_replace(
                '~:"\d+"~', ':1e400', (string) json_encode($sent, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE), 1,
            );

            return $this->call($method, $to, [], [], [], [...$headers, 'CONTENT_TYPE' => 'application/json'], $json);
        }

        return $this->call($method, $to, $sent, [], $files, $headers);
    }

    /** The address, with a number in it sometimes another. */
    private function otherAddress(string $address): string
    {
        return $this->lot->chance(0.1)
            ? (string) preg_replace_callback('~/\d+~',
                fn (): string => '/'.rawurlencode($this->lot->one(['0', '-1', '99999999999999999999', 'x', '1.0', "1\0", '１'])),
                $address, 1)
            : $address;
    }

    /**
     * @param  list<array<string, mixed>>  $forms
     * @return array<mixed>
     */
    private function sent(array $forms): array
    {
        $text = '';
        $form = $forms === [] ? [] : $this->lot->one($forms);
        $names = array_keys($form);
        for ($i = $this->lot->random->getInt(0, 4); $i > 0; $i--) {
            if ($names === [] || $this->lot->chance(0.15)) {
                $form[$this->lot->one(['kind', 'side', 'month', 'revision', 'x', 'said', 'design', 'site', 'known[months][0]',
                    '_method', 'units', 'page', 'show'])] = $this->odd->typed();

                continue;
            }
            $name = $this->lot->one($names);
            if ($this->lot->chance(0.15)) {
                unset($form[$name]);
            } elseif ($this->lot->chance(0.2)) {
                unset($form[$name]);
                $form[$name.$this->lot->one(['[]', '[x]', '[0][y]'])] = $this->odd->typed();
            } else {
                $form[$name] = $this->odd->typed();
            }
        }
        foreach ($form as $name => $value) {
            $text .= '&'.self::pair($name, $value);
        }
        parse_str(substr($text, 1), $sent);
        if (($sent['_method'] ?? null) !== null && ! is_string($sent['_method'])) {
            unset($sent['_method']);
        }

        return $sent;
    }

    private static function pair(string $name, mixed $value): string
    {
        if (! is_array($value)) {
            return rawurlencode($name).'='.rawurlencode((string) $value);
        }

        return $value === [] ? rawurlencode($name.'[]').'=' : implode('&', array_map(
            static fn (int|string $key, mixed $one): string => self::pair("{$name}[{$key}]", $one), array_keys($value), $value,
        ));
    }

    /** @return array<string, UploadedFile> */
    private function files(string $route): array
    {
        $name = ['projects.import' => 'file', 'site.climate' => 'climate', 'log.store' => 'photo'][$route] ?? null;
        if ($name === null) {
            return $this->lot->chance(0.02) ? ['x' => $this->upload('x', 'x')] : [];
        }
        $bytes = match ($route) {
            'projects.import' => $this->odd->json(ProjectFile::write($this->project->toCore())),
            'site.climate' => $this->odd->bytes("date,mean\n".implode("\n", array_map(
                fn (int $day): string => gmdate('Y-m-d', 86_400 * $day).','.$this->lot->random->getInt(-20, 25), range(0, 800),
            ))),
            default => $this->odd->bytes(base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', true)),
        };

        return [$name => $this->upload($bytes,
            $this->lot->one(["caf\xE9.csv", 'a.csv', '..\\..\\x', "\u{202E}vsc.exe", str_repeat('n', 300), '', "a\0b.json"]))];
    }

    private function upload(string $bytes, string $name): UploadedFile
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'odd');
        file_put_contents($path, $bytes);
        register_shutdown_function(static fn () => is_file($path) && unlink($path));

        return new UploadedFile($path, $name, null, null, true);
    }

    /** @return array<string, list<array<string, mixed>>> the fields of each form on any page, with what stands in them */
    private function forms(): array
    {
        $forms = [];
        $router = app('router')->getRoutes();
        foreach ($this->routes() as $route) {
            if ($route->methods()[0] !== 'GET' || str_starts_with((string) $route->getName(), 'trash.')) {
                continue;
            }
            $html = (string) $this->get($this->address($route, $this->project->refresh()))->getContent();
            if (! str_contains($html, '<form')) {
                continue;
            }
            $page = new DOMDocument;
            @$page->loadHTML('<?xml encoding="utf-8">'.$html);
            foreach ($page->getElementsByTagName('form') as $form) {
                $fields = self::fields($form);
                $plain = $form->hasAttribute('method') ? $form->getAttribute('method') : 'get';
                $method = strtoupper((string) ($fields['_method'] ?? $plain));
                $path = (string) parse_url($form->hasAttribute('action') ? $form->getAttribute('action') : '/', PHP_URL_PATH);
                try {
                    $uri = $router->match(Request::create($path, $method))->uri();
                } catch (HttpExceptionInterface) {
                    continue;
                }
                unset($fields['_token'], $fields['_method']);
                $forms["{$method} {$uri}"][] = $fields;
            }
        }

        return $forms;
    }

    /** @return array<string, mixed> */
    private static function fields(DOMElement $form): array
    {
        $fields = [];
        $whole = $form->ownerDocument ?? throw new LogicException('a form stands on a page');
        $id = $form->getAttribute('id');
        foreach (['input', 'select', 'textarea', 'button'] as $tag) {
            $elsewhere = array_filter(
                iterator_to_array($whole->getElementsByTagName($tag)),
                static fn (DOMElement $field): bool => $id !== '' && $field->getAttribute('form') === $id,
            );
            foreach ([...iterator_to_array($form->getElementsByTagName($tag)), ...$elsewhere] as $field) {
                $name = $field->getAttribute('name');
                if ($name !== '' && $field->getAttribute('type') !== 'file') {
                    $fields[$name] = $field->hasAttribute('value') ? $field->getAttribute('value') : trim($field->textContent);
                }
            }
        }

        return $fields;
    }

    private function hasWritten(): bool
    {
        return $this->wrote;
    }

    /** Of all that lasts. */
    private function stored(): string
    {
        $hash = hash_init('xxh128');
        foreach (DB::select("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite%' ORDER BY name") as $table) {
            foreach (DB::table($table->name)->orderBy('rowid')->cursor() as $row) {
                hash_update($hash, serialize((array) $row));
            }
        }

        return hash_final($hash);
    }
}
