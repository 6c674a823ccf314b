<?php

declare(strict_types=1);

namespace App\Reference;

use App\Reference\Answer\FlatDrawnAnswer;
use App\Reference\Answer\FlatPlaceAnswer;
use App\Reference\Answer\FlatPointAnswer;
use App\Reference\Answer\ListReadAnswer;
use App\Reference\Answer\SlopeResultAnswer;
use App\Reference\Answer\SquareDrawnAnswer;
use App\Reference\Answer\SquareStrokeAnswer;
use App\Reference\Answer\SticksDrawnAnswer;
use App\Reference\Answer\StraightedgeDrawnAnswer;
use App\Reference\Answer\StraightedgeStrokeAnswer;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Flat\GridLine;
use JackRest\Core\Truing\Flat\Surface;
use JackRest\Core\Truing\ShavingPass;
use JackRest\Desk\Reference\Flat\FlatForm;
use JackRest\Desk\Reference\Flat\GridWords;
use JackRest\Desk\Reference\SlopeTemplate\SlopeTemplateForm;
use JackRest\Desk\Reference\Square\SquareForm;
use JackRest\Desk\Reference\Straightedge\StraightedgeForm;
use JackRest\Desk\Reference\StrokeWords;
use JackRest\Desk\Reference\WindingSticks\WindingSticksForm;

/** What each kind of reference is drawn by: millimetres for the drawing, figures ready to be read. */
final class TestDrawings
{
    /** More strokes than this are not drawn one by one. */
    private const DRAWN = 60;

    public static function square(SquareForm $form): ?SquareDrawnAnswer
    {
        [$test, $result, $format] = [$form->test, $form->result, $form->format];

        return $test === null || $result === null
            ? null
            : new SquareDrawnAnswer(
                errorMm: $result->errorMm,
                lean: $result->lean,
                removeAtHeelMm: $result->removeAtHeelMm,
                removeAtTipMm: $result->removeAtTipMm,
                lengthMm: $test->bladeLengthMm,
                error: $format->small(abs($result->errorMm)),
                parted: $format->small(abs(2 * $result->errorMm)),
                length: $format->dimension($test->bladeLengthMm),
                strokes: array_map(
                    static fn (ShavingPass $pass): SquareStrokeAnswer => new SquareStrokeAnswer(
                        fromMm: $pass->fromMm,
                        toMm: $pass->toMm,
                        says: $format->dimension($pass->lengthMm()),
                    ),
                    $form->passes(),
                ),
            );
    }

    public static function straightedge(StraightedgeForm $form): ?StraightedgeDrawnAnswer
    {
        [$test, $result, $format] = [$form->test, $form->result, $form->format];
        if ($test === null || $result === null) {
            return null;
        }
        $passes = $form->next()->takeOff ? $form->map()->passes ?? [] : [];

        return new StraightedgeDrawnAnswer(
            straightness: $format->small($result->straightnessMm),
            shape: $result->shape->label(),
            stationsMm: $test->stationsMm,
            strokes: array_map(
                static fn (array $kind): StraightedgeStrokeAnswer => self::stroke($kind[0], $kind[1], $format),
                StrokeWords::kinds($passes),
            ),
            leaves: self::leaves($form, $passes),
            strokeCount: count($passes),
        );
    }

    /** @return list<ListReadAnswer> */
    public static function lines(FlatForm $form): array
    {
        return array_map(
            static fn (GridLine $line): ListReadAnswer => new ListReadAnswer(
                id: $line->id,
                name: $form->grid === null ? '' : (new GridWords($form->grid))->line($line),
                readings: $form->gaps[$line->id],
                isRead: $form->isRead($line->id),
                places: array_map(static function (int $node) use ($form): FlatPointAnswer {
                    [$across, $along] = $form->grid?->placeMm($node) ?? [0.0, 0.0];

                    return new FlatPointAnswer(acrossMm: $across, alongMm: $along);
                }, $line->nodes),
            ),
            $form->grid?->lines() ?? [],
        );
    }

    public static function sticks(WindingSticksForm $form): ?SticksDrawnAnswer
    {
        $error = $form->errorMm();

        return $error === null
            ? null
            : new SticksDrawnAnswer(
                lengthMm: $form->form->value('length') ?? 0.0,
                farMm: $error,
                nearMm: $form->nearErrorMm(),
                boardMm: $form->boardMm() ?? 0.0,
                far: $form->format->small(abs($error)),
                near: $form->nearErrorMm() === null ? null : $form->format->small(abs($form->nearErrorMm())),
                board: $form->format->small(abs($form->boardMm() ?? 0.0)),
            );
    }

    public static function slope(SlopeTemplateForm $form): ?SlopeResultAnswer
    {
        return $form->slope === null
            ? null
            : new SlopeResultAnswer(
                angleDeg: $form->slope->angleDeg,
                ratio: LengthFormatter::decimal($form->slope->ratio, 2),
                angle: LengthFormatter::decimal($form->slope->angleDeg, 2).'°',
                nominalDeg: $form->slope->errorDeg === null ? null : $form->slope->angleDeg - $form->slope->errorDeg,
                lean: $form->leanDeg() === null ? null : LengthFormatter::fixed(abs($form->leanDeg()), 2).'°',
            );
    }

    public static function flat(FlatForm $form): ?FlatDrawnAnswer
    {
        return $form->grid === null
            ? null
            : new FlatDrawnAnswer(
                lengthMm: $form->grid->lengthMm,
                widthMm: $form->grid->widthMm,
                along: $form->grid->along,
                across: $form->grid->across,
                places: $form->surface === null ? [] : self::places($form->surface, $form),
            );
    }

    private static function stroke(ShavingPass $pass, int $count, LengthFormatter $format): StraightedgeStrokeAnswer
    {
        return new StraightedgeStrokeAnswer(
            fromMm: $pass->fromMm,
            toMm: $pass->toMm,
            count: $count,
            says: $pass->fromMm === $pass->toMm
                ? 'at '.$format->dimension($pass->fromMm)
                : $format->dimension($pass->fromMm).' to '.$format->dimension($pass->toMm),
        );
    }

    /**
     * What stands above the line that is planed to, before the first stroke and after each.
     *
     * @param  list<ShavingPass>  $passes
     * @return list<list<float>> mm at each station
     */
    private static function leaves(StraightedgeForm $form, array $passes): array
    {
        if ($form->result === null || $form->test === null) {
            return [];
        }
        $shaving = $form->form->value('shaving') ?? 0.0;
        $left = $form->result->removeMm;
        $leaves = [$left];
        foreach (array_slice($passes, 0, self::DRAWN) as $pass) {
            $left = array_map(
                static fn (float $at, float $mm): float => $at >= $pass->fromMm && $at <= $pass->toMm
                    ? $mm - $shaving
                    : $mm,
                $form->test->stationsMm,
                $left,
            );
            $leaves[] = $left;
        }

        return $leaves;
    }

    /** @return list<FlatPlaceAnswer> */
    private static function places(Surface $surface, FlatForm $form): array
    {
        $most = $surface->mostMm();
        $places = [];
        foreach ($surface->nodes as $index => $node) {
            [$across, $along] = $form->grid?->placeMm($node) ?? [0.0, 0.0];
            $remove = $surface->removeMm[$index];
            $places[] = new FlatPlaceAnswer(
                acrossMm: $across,
                alongMm: $along,
                removeMm: $remove,
                remove: $form->format->smallNumber($remove),
                share: $most > 0 ? $remove / $most : 0.0,
            );
        }

        return $places;
    }
}
