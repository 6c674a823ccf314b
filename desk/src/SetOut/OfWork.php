<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut;

/**
 * What a work's own numbers say to a question. Where a pattern leaves a number open, a share of the stock stands for
 * it: half of it for a rebate at an end, a third for a dado (common practice).
 */
final readonly class OfWork
{
    /**
     * @param  string|null  $pattern  null: put together by the user
     * @param  array<string, float>  $measures  mm and counts
     */
    public function __construct(private ?string $pattern, private array $measures)
    {
    }

    /** @return list<SetOutQuestion> the questions that this work asks, in the order they come up */
    public function asks(): array
    {
        return match ($this->pattern) {
            'dovetailed-box' => $this->get('rebate') > 0
                ? [SetOutQuestion::Dovetails, SetOutQuestion::Recess, SetOutQuestion::Shavings]
                : [SetOutQuestion::Dovetails, SetOutQuestion::Shavings],
            'drawer' => [SetOutQuestion::Dovetails, SetOutQuestion::Recess],
            'rebated-box', 'dado-shelf' => [SetOutQuestion::Recess, SetOutQuestion::Shavings],
            'grooved-lid' => [SetOutQuestion::Stages, SetOutQuestion::Recess, SetOutQuestion::Tongue],
            'tongue-boards' => [SetOutQuestion::Stages, SetOutQuestion::Tongue],
            'edge-glued-panel' => [SetOutQuestion::Stages, SetOutQuestion::Shavings],
            'frame-and-panel' => [SetOutQuestion::Mortise, SetOutQuestion::Recess],
            'tenoned-stand', 'workbench' => [SetOutQuestion::Mortise, SetOutQuestion::Boring],
            'halved-frame' => [SetOutQuestion::Recess, SetOutQuestion::Boring],
            'mitred-frame' => [SetOutQuestion::Recess],
            'round-stool' => [SetOutQuestion::Boring],
            null => SetOutQuestion::cases(),
            default => [SetOutQuestion::Shavings],
        };
    }

    /** @return array<string, float> what stands in a question's fields where nothing is typed */
    public function usual(SetOutQuestion $question): array
    {
        $thick = $this->find('thickness');
        $found = match ($question) {
            SetOutQuestion::Dovetails => $this->dovetails(),
            SetOutQuestion::Mortise => [
                'stock' => $thick,
                'railWidth' => $this->find('rail'),
                'depth' => $this->find('tenon'),
                'mortise' => $this->find('mortise'),
            ],
            SetOutQuestion::Tongue => ['stock' => $thick, 'panel' => $this->find('width')],
            SetOutQuestion::Saw => ['thickness' => $thick, 'depth' => $thick],
            SetOutQuestion::Recess => $this->recess(),
            SetOutQuestion::Boring => ['board' => $this->find('seat') ?? $thick],
            SetOutQuestion::Shavings => ['to' => $thick, 'from' => $thick === null ? null : $thick + 0.5],
            SetOutQuestion::Stages => ['to' => $thick, 'from' => $thick === null ? null : $thick + 6,
                'width' => $this->find('width') === null ? null : min(200.0, $this->get('width'))],
            SetOutQuestion::Fence => ['iron' => $this->find('groove')],
        };

        return array_filter($found, static fn (?float $mm): bool => $mm !== null && $mm > 0);
    }

    /** @return array<string, string> what is chosen where nothing was */
    public function chosen(SetOutQuestion $question): array
    {
        $isAcross = in_array($this->pattern, ['dado-shelf', 'rebated-box', 'halved-frame'], true);

        return $question === SetOutQuestion::Recess && $isAcross ? ['grain' => 'across'] : [];
    }

    /** @return array<string, float|null> */
    private function dovetails(): array
    {
        return [
            'width' => $this->find('height'),
            'tailBoard' => $this->find('thickness'),
            'pinBoard' => $this->find('front') ?? $this->find('thickness'),
            'tails' => $this->find('tails'),
            'halfPin' => $this->find('pin'),
            'pin' => $this->find('pin'),
        ];
    }

    /** @return array<string, float|null> */
    private function recess(): array
    {
        $thick = $this->find('thickness');
        $third = $thick === null ? null : self::round($thick / 3);
        $half = $thick === null ? null : self::round($thick / 2);
        $groove = $this->find('groove');

        return ['stock' => $thick] + match ($this->pattern) {
            'dado-shelf' => [
                'width' => $this->find('dado'), 'depth' => $third, 'edge' => 100.0, 'length' => $this->find('width'),
            ],
            'rebated-box' => ['width' => $thick, 'depth' => $half, 'length' => $this->find('height')],
            'halved-frame' => ['width' => $this->find('width'), 'depth' => $half, 'length' => $this->find('width')],
            'dovetailed-box', 'mitred-frame' => [
                'width' => $this->find('rebate'), 'depth' => $half, 'length' => $this->find('length'),
            ],
            default => [
                'width' => $groove, 'depth' => $groove,
                'edge' => $thick === null || $groove === null ? null : self::round(($thick - $groove) / 2),
                'length' => $this->find('length'),
            ],
        };
    }

    /** To a half: nobody sets a stop finer. */
    private static function round(float $mm): float
    {
        return round($mm * 2) / 2;
    }

    private function find(string $name): ?float
    {
        return $this->measures[$name] ?? null;
    }

    private function get(string $name): float
    {
        return $this->measures[$name] ?? 0.0;
    }
}
