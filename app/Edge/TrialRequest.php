<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use App\Stone\Stone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Timber\Hardness;

/** The same board planed off two stops, with what was found. */
final class TrialRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'wood' => ['required', Rule::enum(Hardness::class)],
            'keep' => ['required', 'boolean'],
            'sides' => ['required', 'array', 'list', 'size:2'],
            'sides.*.stone' => ['required', 'integer'],
            'sides.*.surface' => ['required', 'integer', 'between:1,5'],
            'sides.*.tearOut' => ['required', 'integer', 'between:1,5'],
            'sides.*.effort' => ['required', 'integer', 'between:1,5'],
        ];
    }

    /**
     * @return list<array{um: float, stone: string, surface: int, tearOut: int, effort: int}> the coarser first
     *
     * @throws InvalidInput when both are off the same size
     */
    public function sides(Bench $bench): array
    {
        $sides = [];
        foreach ([0, 1] as $side) {
            $stone = Stone::of($bench)->findOrFail($this->integer("sides.$side.stone"));
            $sides[] = [
                'um' => $stone->toCore()->particleUm(),
                'stone' => $stone->name,
                'surface' => $this->integer("sides.$side.surface"),
                'tearOut' => $this->integer("sides.$side.tearOut"),
                'effort' => $this->integer("sides.$side.effort"),
            ];
        }
        usort($sides, static fn (array $a, array $b): int => $b['um'] <=> $a['um']);
        if ($sides[0]['um'] === $sides[1]['um']) {
            throw InvalidInput::because('sides', 'Choose two stones of different fineness.');
        }

        return $sides;
    }

    public function version(): int
    {
        return $this->integer('version');
    }
}
