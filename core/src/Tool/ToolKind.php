<?php

declare(strict_types=1);

namespace JackRest\Core\Tool;

use JackRest\Core\Basis;

/**
 * A kind of tool: what it is, what it is for, its dimensions, what it needs beside it, what can go wrong.
 *
 * Prices are invented round figures to plan with, to be replaced by the user's own; running cost is a year's
 * abrasive, blades or files for an evening user, from memory.
 */
final readonly class ToolKind
{
    private const SAWS = ['back-saw', 'handsaw', 'pull-saw'];

    /**
     * @param  string  $form  the outline it is drawn by: plane, chisel, back-saw, …
     * @param  list<Dimension>  $dimensions
     * @param  list<Need|string>  $needs  what, or which kinds, it is of no use without
     * @param  list<string>  $wants  kinds that go with it, without which it still works
     * @param  list<array<string, float>>  $series  sizes it is usually had in, where one does not do for all
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $says,
        public string $for,
        public string $wrong,
        public string $form,
        public Group $group,
        public float $price,
        public array $dimensions,
        public array $needs = [],
        public array $wants = [],
        public array $series = [],
        public ?ShopMade $making = null,
        public float $runningPerYear = 0.0,
        public Basis $basis = Basis::CommonPractice,
    ) {
    }

    public function dimension(string $name): ?Dimension
    {
        foreach ($this->dimensions as $dimension) {
            if ($dimension->name === $name) {
                return $dimension;
            }
        }

        return null;
    }

    /** Whether it has teeth that are filed. */
    public function isSaw(): bool
    {
        return in_array($this->form, self::SAWS, true);
    }

    /** @return list<Dimension> the readings taken when one is added: three at most */
    public function asked(): array
    {
        return array_values(
            array_filter($this->dimensions, static fn (Dimension $dimension): bool => $dimension->asked),
        );
    }

    /** @return array<string, float> the usual size by dimension */
    public function usualSizes(): array
    {
        return array_column(
            array_map(
                static fn (Dimension $dimension): array => ['name' => $dimension->name, 'usual' => $dimension->usual],
                $this->dimensions,
            ),
            'usual',
            'name',
        );
    }

    /** @return non-empty-list<array<string, float>> what is on offer of it: one of each size of the series */
    public function offeredSizes(): array
    {
        $usual = $this->usualSizes();

        return $this->series === []
            ? [$usual]
            : array_map(static fn (array $sizes): array => [...$usual, ...$sizes], $this->series);
    }
}
