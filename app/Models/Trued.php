<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Collection;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Core\Season\ReferenceWood;
use JackRest\Core\Truing\History\History;

/**
 * A reference that is tested over and over, whatever it is.
 *
 * @phpstan-require-extends Record
 *
 * @property int $id
 * @property int $version
 * @property string $name
 * @property float $tolerance_mm
 * @property string|null $dropped_on
 */
interface Trued
{
    /** @return Collection<string, History> by the edge that was tested; one at least, though it hold no test */
    public function histories(): Collection;

    /** @return Collection<int, TestRecord> in the order they were made */
    public function testRecords(): Collection;

    /** Why it wants testing, or null when it can be trusted. */
    public function due(): ?string;

    /** The day of its next check, ISO 8601; null: it is due, or was never tested. */
    public function nextCheckOn(): ?string;

    /** What it is, in a few words beside its name. */
    public function says(LengthFormatter $format): string;

    /** By which it is found among references of every kind: square-3. */
    public function key(): string;

    /** Where its page is. */
    public function path(): string;

    /** @return array{form: string, sizes: array<string, float>} how it is drawn small */
    public function outline(): array;

    /** @return array{string, string} what an error above nought means, and one below */
    public function sides(): array;

    /** How it moves with its wood; null: it is of metal or stone, or nobody knows how to reckon it. */
    public function leverage(): ?MoistureResponse;

    /** What moves: the length that is tested, mm. */
    public function movingLengthMm(): float;

    public function ofWood(): ?ReferenceWood;
}
