<?php

declare(strict_types=1);

namespace App\Session;

use App\Ledger\VersionedRequest;

/** A session's place: which stone, which phase, how many strokes on each. */
final class ProgressRequest extends VersionedRequest
{
    public const PHASES = ['fetch', 'stroke', 'check'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'atStep' => ['required', 'integer', 'min:0', 'max:200'],
            'phase' => ['required', 'in:'.implode(',', self::PHASES)],
            'counted' => ['required', 'array', 'list'],
            'counted.*' => ['integer', 'min:0', 'max:100000'],
        ];
    }

    /** @return array{at_step: int, phase: string, counted: list<int>} */
    public function progress(BenchSession $session): array
    {
        /** @var list<int> $counted */
        $counted = array_slice(
            array_pad((array) $this->input('counted'), count($session->steps), 0),
            0,
            count($session->steps),
        );

        return [
            'at_step' => min($this->integer('atStep'), count($session->steps) - 1),
            'phase' => $this->string('phase')->toString(),
            'counted' => $counted,
        ];
    }
}
