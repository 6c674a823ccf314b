<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use App\Http\TypedFormRequest;
use App\Stone\RackOfBench;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Edge\CurveForm;

/** The curve that an iron shall have, and the stone it is made on. */
final class CurveRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::figures('figures'),
            'stone' => ['present', 'nullable', 'string', 'max:40'],
            'version' => ['sometimes', 'integer', 'min:1'],
        ];
    }

    public function form(Bench $bench, Edge $edge, LengthFormatter $format): CurveForm
    {
        return CurveForm::of(
            $edge->toCore(),
            $this->typedUnder('figures'),
            self::stone($bench, $this->string('stone')->toString()),
            $format,
        );
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /**
     * @return array{radius_mm: float, ...<string, mixed>} columns
     *
     * @throws InvalidInput
     */
    public function values(Bench $bench, Edge $edge, LengthFormatter $format): array
    {
        $form = $this->form($bench, $edge, $format);
        $form->form->soundOrRefuse('figures');

        return [
            'radius_mm' => $form->curve->radiusMm ??
                throw InvalidInput::because('figures.relief', 'Type how far the corners are to stay back.'),
        ];
    }

    /** The one that is named, or the coarsest that hones. */
    private static function stone(Bench $bench, string $id): ?HoningStone
    {
        $stones = array_values(
            array_filter(
                (new RackOfBench($bench))->forPlan(),
                static fn (HoningStone $stone): bool => $stone->medium->hones(),
            ),
        );
        foreach ($stones as $stone) {
            if ($stone->id === $id) {
                return $stone;
            }
        }

        return $stones[0] ?? null;
    }
}
