<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\Str;

/** The help: a piece for every page, each with a picture of the program's own screens where one helps. */
final readonly class Help
{
    /** Slug of a piece => its title, names of the routes it belongs to, the picture; in the order in which people work. */
    private const PIECES = [
        'projects' => ['Your projects', ['projects.index', 'trash.*'], 'projects'],
        'start' => ['Start a project', ['projects.create'], 'start'],
        'site' => ['The site', ['site.*'], 'site'],
        'plan' => ['The plan', ['plan.*'], 'plan'],
        'register' => ['The register', ['register.*'], null],
        'section' => ['The section', ['section.*', 'history.*'], 'bench'],
        'options' => ['Options', ['options.*'], null],
        'damp' => ['Damp', ['damp.*'], 'damp'],
        'mass' => ['Warmth through the year', ['mass.*'], 'mass'],
        'studies' => ['Where the next board pays', ['studies.*'], 'pays'],
        'inspections' => ['What was seen at a damp place', ['inspections.*'], null],
        'compare' => ['Compare', ['compare.*'], 'compare'],
        'release' => ['Released to be built', ['release.*'], null],
        'order' => ['The order', ['order.*'], 'order'],
        'sequence' => ['The sequence', ['sequence.*'], 'sequence'],
        'log' => ['The site log', ['log.*'], 'log'],
        'built' => ['Hand-over', ['built.*'], 'built'],
        'client' => ['Reading what was sent to you', ['shares.show'], null],
        'shares' => ['Links for a client', ['shares.*'], null],
        'materials' => ['Materials and prices', ['materials', 'prices.*', 'products.*'], null],
        'rules' => ['Rules and words', ['rules', 'glossary', 'notices', 'help*'], null],
        'people' => ['People and settings', [
            'people.*', 'settings.*', 'first.*', 'sign-in.*', 'new-password.*', 'invitations.*',
        ], null],
    ];

    private function __construct(
        public string $slug,
        public string $title,
        public ?string $picture,
    ) {}

    /** @return list<self> in the order in which people work */
    public static function all(): array
    {
        return array_map(self::piece(...), array_keys(self::PIECES));
    }

    /** Of the page with that name; null where there is none. */
    public static function of(?string $route): ?self
    {
        foreach (self::PIECES as $slug => [, $routes]) {
            if ($route !== null && Str::is($routes, $route)) {
                return self::piece($slug);
            }
        }

        return null;
    }

    /** Where its picture lies. */
    public static function pictureFile(string $picture): ?string
    {
        return in_array($picture, array_column(self::PIECES, 2), true) ? base_path("docs/screenshots/{$picture}.png") : null;
    }

    public function view(): string
    {
        return "help.pieces.{$this->slug}";
    }

    private static function piece(string $slug): self
    {
        [$title, , $picture] = self::PIECES[$slug];

        return new self($slug, $title, $picture);
    }
}
