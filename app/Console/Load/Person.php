<?php

declare(strict_types=1);

namespace App\Console\Load;

use DOMDocument;
use DOMElement;
use DOMXPath;
use RuntimeException;

/** Somebody at a bench: signs in, opens a project, changes a size, waits for what follows, thinks, changes it again. */
final class Person
{
    /** As long as the page's script waits before it asks for the fine field, s. */
    private const REST = 1.5;

    private string $bench = '';

    /** @var array<string, string> what the form shows, by the names of its fields */
    private array $form = [];

    private string $size = '';

    /** Whether somebody else works at that bench too, so that a copy is made to work at. */
    private bool $shares = false;

    private int $step = 0;

    /** @var array<string, string> pieces that its page shows, fingerprints by name */
    private array $have = [];

    /** @param  float  $thinks  mean time between two changes, s */
    public function __construct(private readonly int $number, private readonly string $mark, private readonly float $thinks) {}

    public function begins(): Asked
    {
        return new Asked('sign-in page', '/sign-in', after: $this->thinks * $this->share());
    }

    /**
     * What it asks next.
     *
     * @throws RuntimeException where the answer is not what it should be
     */
    public function then(Asked $asked, int $status, string $body): Asked
    {
        if ($status === 202 && $asked->kind === 'fine') {
            return $this->change();
        }
        if ($status !== 200) {
            throw new RuntimeException("{$asked->kind} answered {$status}");
        }

        preg_match_all('~data-unit="([^"]+)" data-print="([^"]+)"~', $body, $units, PREG_SET_ORDER);
        foreach ($units as [, $name, $print]) {
            $this->have[$name] = $print;
        }

        return match ($asked->kind) {
            'sign-in page' => $this->signIn($body),
            'sign in', 'projects' => $this->choose($body),
            'bench', 'copy' => $this->sit($body),
            'edit' => $this->edited($body),
            'field' => str_contains($body, 'data-rough') ? $this->field('now', 'fine', self::REST) : $this->change(),
            'fine' => $this->change(),
            default => throw new RuntimeException("nobody asks {$asked->kind}"),
        };
    }

    private function signIn(string $body): Asked
    {
        $form = self::found(self::document($body), '//form[.//button[contains(., "Joost Kade")]]')[0] ?? null;
        if (! $form instanceof DOMElement) {
            throw new RuntimeException('nobody of the demo can sign in');
        }

        return new Asked('sign in', '/sign-in', self::fields($form));
    }

    private function choose(string $body): Asked
    {
        if (! str_contains($body, $this->mark)) {
            throw new RuntimeException('another server answers');
        }
        $links = [];
        foreach (self::found(self::document($body), '//a[@href]') as $link) {
            if (preg_match('~/projects/\d+/section$~', $link->getAttribute('href')) === 1) {
                $links[$link->getAttribute('href')] = true;
            }
        }
        $links = array_keys($links);
        // The list begins with what was changed last; each has a bench of their own all the same.
        sort($links, SORT_NATURAL);
        if ($links === []) {
            throw new RuntimeException('no project is there');
        }
        $this->shares = $this->number >= count($links);
        $this->bench = (string) parse_url($links[$this->number % count($links)], PHP_URL_PATH);

        return new Asked('bench', $this->bench);
    }

    private function sit(string $body): Asked
    {
        $form = self::found(self::document($body), '//form[contains(@class, "bench")]')[0] ?? null;
        if (! $form instanceof DOMElement) {
            throw new RuntimeException('there is no bench');
        }
        $this->form = self::fields($form);
        $this->bench = (string) parse_url($form->getAttribute('action'), PHP_URL_PATH).'?'.parse_url(
            $form->getAttribute('action'),
            PHP_URL_QUERY,
        );
        if ($this->shares) {
            $this->shares = false;
            $path = (string) preg_replace('~/section/(\d+)\?.*$~', '/options/$1/copy', $this->bench);

            return new Asked('copy', $path, ['_token' => $this->form['_token'] ?? '']);
        }
        foreach (['field_board', 'edge_outside', 'board_above', 'slab'] as $part) {
            $name = "design[{$part}][thickness_m]";
            if ((float) str_replace(',', '.', $this->form[$name] ?? '0') > 0.0) {
                $this->size = $name;
                break;
            }
        }

        return $this->change();
    }

    private function change(): Asked
    {
        $this->step++;
        // Never the same twice, so that nothing has been worked out before.
        $this->form[$this->size] = sprintf('%.3f mm', 80 + 0.7 * ($this->step % 40) + 0.01 * $this->number + 0.1 * $this->share());

        return new Asked('edit', $this->bench, $this->form, $this->thinks * (0.5 + $this->share()), $this->have());
    }

    private function edited(string $body): Asked
    {
        if (preg_match('~name="revision" value="(\d+)"~', $body, $found) === 1) {
            $this->form['revision'] = $found[1];
        }

        return str_contains($body, 'data-pending') ? $this->field('rough', 'field', 0.0) : $this->change();
    }

    private function field(string $mesh, string $kind, float $after): Asked
    {
        $url = $this->bench.(str_contains($this->bench, '?') ? '&' : '?').'field='.$mesh;

        return new Asked($kind, $url, after: $after, have: $this->have());
    }

    private function have(): string
    {
        return implode(
            ' ',
            array_map(static fn (string $name, string $print): string => "{$name}:{$print}", array_keys($this->have), $this->have),
        );
    }

    private function share(): float
    {
        return mt_rand() / mt_getrandmax();
    }

    private static function document(string $body): DOMXPath
    {
        $document = new DOMDocument;
        @$document->loadHTML('<?xml encoding="utf-8">'.$body);

        return new DOMXPath($document);
    }

    /** @return array<string, string> */
    private static function fields(DOMElement $form): array
    {
        $values = [];
        $page = new DOMXPath($form->ownerDocument ?? throw new RuntimeException('no document'));
        foreach (self::found($page, './/input[@name] | .//select[@name]', $form) as $field) {
            $picked = $field->tagName === 'select' ? self::found($page, './/option[@selected]', $field)[0] ?? null : $field;
            $values[$field->getAttribute('name')] = $picked?->getAttribute('value') ?? '';
        }

        return $values;
    }

    /** @return list<DOMElement> */
    private static function found(DOMXPath $page, string $path, ?DOMElement $within = null): array
    {
        $nodes = $page->query($path, $within);

        return $nodes === false ? [] : array_values(
            array_filter(iterator_to_array($nodes), static fn (mixed $n): bool => $n instanceof DOMElement),
        );
    }
}
