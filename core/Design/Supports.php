<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;

/** The kinds of post and bearing wall that stand inside the building. The worst place of each governs. */
final readonly class Supports implements DesignPart
{
    use Remade;

    /**
     * @param  list<PostKind>  $posts
     * @param  list<StripKind>  $strips
     */
    public function __construct(
        #[Size('posts', each: 'post kind #', of: PostKind::class)]
        public array $posts = [],
        #[Size('bearing walls', each: 'bearing wall #', of: StripKind::class)]
        public array $strips = [],
    ) {}

    public function present(): bool
    {
        return $this->posts !== [] || $this->strips !== [];
    }

    /** Whether boards or pads are laid for them, rather than what they stand on being there anyway. */
    public function areBuilt(): bool
    {
        return array_filter($this->kinds(), static fn (Support $s): bool => $s->foot() !== SupportFoot::Slab) !== [];
    }

    /** Of the highest pad, below the slab, m; 0 where there is none. */
    public function padHeight(): float
    {
        return max([0.0, ...array_values(array_map(
            static fn (Support $s): float => $s->foot() === SupportFoot::OwnPad ? $s->height() : 0.0, $this->kinds(),
        ))]);
    }

    /** @return array<string, PostKind|StripKind> by `post-1`, `strip-1`, numbered as they stand */
    public function kinds(): array
    {
        $kinds = [];
        foreach ($this->posts as $i => $post) {
            $kinds['post-'.($i + 1)] = $post;
        }
        foreach ($this->strips as $i => $strip) {
            $kinds['strip-'.($i + 1)] = $strip;
        }

        return $kinds;
    }

    /** What pages call one of them. */
    public static function label(string $name): string
    {
        return strtr($name, ['post-' => 'post kind ', 'strip-' => 'bearing wall ']);
    }

    /** The same with another in its place. */
    public function with(string $name, PostKind|StripKind $support): self
    {
        [$posts, $strips] = [$this->posts, $this->strips];
        $at = (int) substr($name, (int) strpos($name, '-') + 1) - 1;
        if ($support instanceof StripKind) {
            $strips[$at] = $support;
        } else {
            $posts[$at] = $support;
        }

        return new self(array_values($posts), array_values($strips));
    }
}
