<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Reference;
use App\Models\User;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Flat\GridLine;
use JackRest\Core\Truing\Flat\Surface;
use JackRest\Desk\Form\Field;
use JackRest\Desk\Form\Reading;
use JackRest\Desk\Truing\Flat\FlatForm;
use JackRest\Desk\Truing\Reference\ReferenceKind;
use JackRest\Desk\Truing\Reference\TestForm;
use JackRest\Desk\Truing\SlopeTemplateForm;
use JackRest\Desk\Truing\WindingSticksForm;

/** Winding sticks, templates and flat things: on their own page and under test. */
final class ReferenceResource
{
    /** @return array<string, mixed> */
    public static function page(Reference $reference, User $user, LengthFormatter $format): array
    {
        $kind = $reference->kind;

        return [
            'id' => $reference->id,
            'version' => $reference->version,
            'name' => $reference->name,
            'kind' => $kind->value,
            'method' => $kind->method(),
            'isFlat' => $kind->isFlat(),
            'isOwn' => $reference->tool_id === null,
            'fields' => array_map(static fn (Field $field): array => self::field($field, $reference->fields, $format), $kind->fields()),
            'instrument' => ($user->instrument ?? $reference->instrument)->value,
            'instruments' => Shared::instruments($format),
            'history' => HistoryResource::of($reference, $format),
        ];
    }

    /** @return array<string, mixed> */
    public static function preview(ReferenceKind $kind, TestForm $sheet, LengthFormatter $format): array
    {
        $error = $sheet->errorMm();
        $next = $sheet->next();

        return [
            'figures' => FieldResource::readings($sheet->form()),
            'lines' => $sheet instanceof FlatForm ? self::lines($sheet) : [],
            'nextLine' => $sheet instanceof FlatForm ? $sheet->nextLine()?->id : null,
            'answer' => $error === null ? null : ['error' => $format->small(abs($error)), 'errorMm' => $error, 'verdict' => $sheet->verdict()?->value, 'standing' => $sheet->standing()],
            'sticks' => $sheet instanceof WindingSticksForm ? self::sticks($sheet, $format) : null,
            'slope' => $sheet instanceof SlopeTemplateForm ? self::slope($sheet) : null,
            'flat' => $sheet instanceof FlatForm ? self::flat($sheet, $format) : null,
            'next' => Shared::stroke($next),
            'how' => Shared::how($sheet->explained()),
        ];
    }

    /**
     * @param  array<string, float>  $kept
     * @return array<string, mixed>
     */
    private static function field(Field $field, array $kept, LengthFormatter $format): array
    {
        $value = $field->isReading ? null : $kept[$field->name] ?? $field->begins;

        return FieldResource::of($field, $format, '', $value === null ? null : (float) $value);
    }

    /** @return list<array<string, mixed>> */
    private static function lines(FlatForm $sheet): array
    {
        return array_map(static fn (GridLine $line): array => [
            'id' => $line->id,
            'name' => $line->name,
            'gaps' => array_map(static fn (Reading $gap): array => FieldResource::reading($gap), $sheet->gaps[$line->id]),
            'isRead' => $sheet->isRead($line->id),
            'places' => array_map(static function (int $node) use ($sheet): array {
                [$across, $along] = $sheet->grid?->placeMm($node) ?? [0.0, 0.0];

                return ['acrossMm' => $across, 'alongMm' => $along];
            }, $line->nodes),
        ], $sheet->grid?->lines() ?? []);
    }

    /** @return array<string, mixed>|null */
    private static function sticks(WindingSticksForm $sheet, LengthFormatter $format): ?array
    {
        $error = $sheet->errorMm();

        return $error === null ? null : [
            'lengthMm' => $sheet->form()->value('length') ?? 0.0,
            'farMm' => $error,
            'nearMm' => $sheet->nearErrorMm(),
            'boardMm' => $sheet->boardMm() ?? 0.0,
            'far' => $format->small(abs($error)),
            'near' => $sheet->nearErrorMm() === null ? null : $format->small(abs($sheet->nearErrorMm())),
            'board' => $format->small(abs($sheet->boardMm() ?? 0.0)),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function slope(SlopeTemplateForm $sheet): ?array
    {
        return $sheet->slope === null ? null : [
            'angleDeg' => $sheet->slope->angleDeg,
            'ratio' => LengthFormatter::decimal($sheet->slope->ratio, 2),
            'angle' => LengthFormatter::decimal($sheet->slope->angleDeg, 2).'°',
            'nominalDeg' => $sheet->slope->errorDeg === null ? null : $sheet->slope->angleDeg - $sheet->slope->errorDeg,
            'lean' => $sheet->leanDeg() === null ? null : LengthFormatter::fixed(abs($sheet->leanDeg()), 2).'°',
        ];
    }

    /** @return array<string, mixed>|null */
    private static function flat(FlatForm $sheet, LengthFormatter $format): ?array
    {
        return $sheet->grid === null ? null : [
            'lengthMm' => $sheet->grid->lengthMm,
            'widthMm' => $sheet->grid->widthMm,
            'along' => $sheet->grid->along,
            'across' => $sheet->grid->across,
            'places' => $sheet->surface === null ? [] : self::places($sheet->surface, $sheet, $format),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function places(Surface $surface, FlatForm $sheet, LengthFormatter $format): array
    {
        $most = $surface->mostMm();
        $places = [];
        foreach ($surface->nodes as $index => $node) {
            [$across, $along] = $sheet->grid?->placeMm($node) ?? [0.0, 0.0];
            $remove = $surface->removeMm[$index];
            $places[] = ['acrossMm' => $across, 'alongMm' => $along, 'removeMm' => $remove, 'remove' => $format->smallNumber($remove), 'share' => $most > 0 ? $remove / $most : 0.0];
        }

        return $places;
    }
}
