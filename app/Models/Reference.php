<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Core\Truing\Instrument;
use JackRest\Desk\Truing\Reference\ReferenceKind;

/**
 * Winding sticks, a slope template, a sole, a stone, a board: a reference that is neither square nor straightedge.
 *
 * @property int|null $tool_id
 * @property ReferenceKind $kind
 * @property string $name
 * @property array<string, float> $fields the figures a test begins with, by name
 * @property float $tolerance_mm
 * @property Instrument $instrument
 * @property string|null $dropped_on
 * @property \Illuminate\Database\Eloquent\Collection<int, ReferenceTest> $tests
 */
final class Reference extends Record implements Trued
{
    use KeepsHistory;
    use MadeOfWood;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => ReferenceKind::class, 'fields' => 'array', 'tolerance_mm' => 'float', 'instrument' => Instrument::class];
    }

    /** @return HasMany<ReferenceTest, $this> */
    public function tests(): HasMany
    {
        $tests = $this->hasMany(ReferenceTest::class);
        $tests->orderBy('tested_at')->orderBy('id');

        return $tests;
    }

    public function says(LengthFormatter $format): string
    {
        $length = $this->value('length');
        $width = $this->value('width');

        return match ($this->kind) {
            ReferenceKind::Sticks => $format->dimension($length ?? 0.0).' long',
            ReferenceKind::Slope => '1 in '.LengthFormatter::decimal($this->value('nominal') ?? 0.0, 2),
            default => $format->dimension($length ?? 0.0).' by '.$format->dimension($width ?? 0.0),
        };
    }

    public function key(): string
    {
        return "reference-{$this->id}";
    }

    public function path(): string
    {
        return "/true/references/{$this->id}";
    }

    public function outline(): array
    {
        return ['form' => $this->kind->value, 'sizes' => []];
    }

    public function sides(): array
    {
        return $this->kind->sides();
    }

    public function leverage(): ?MoistureResponse
    {
        return MoistureResponse::tryFrom($this->kind->value);
    }

    public function movingLengthMm(): float
    {
        return $this->value($this->kind === ReferenceKind::Slope ? 'run' : 'length') ?? 0.0;
    }

    private function value(string $name): ?float
    {
        foreach ($this->kind->fields() as $field) {
            if ($field->name === $name) {
                return isset($this->fields[$name]) ? (float) $this->fields[$name] : $field->begins;
            }
        }

        return null;
    }
}
