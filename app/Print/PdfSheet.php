<?php

declare(strict_types=1);

namespace App\Print;

use FPDF;
use JackRest\Desk\Print\Line;
use JackRest\Desk\Print\Sheet;
use JackRest\Desk\Print\Text;
use JackRest\Desk\Print\Trace;

/** Sheets as a PDF file at true size, a page each. */
final class PdfSheet
{
    private const POINTS_PER_MM = 72 / 25.4;

    public static function write(string $title, Sheet ...$sheets): string
    {
        $pdf = new FPDF('P', 'mm', [Sheet::WIDTH_MM, Sheet::HEIGHT_MM]);
        $pdf->SetAutoPageBreak(false);
        $pdf->SetTitle($title, true);
        foreach ($sheets as $sheet) {
            self::page($pdf, $sheet);
        }

        $written = $pdf->Output('S');
        assert(is_string($written));

        return $written;
    }

    private static function page(FPDF $pdf, Sheet $sheet): void
    {
        $pdf->AddPage($sheet->width > $sheet->height ? 'L' : 'P', [$sheet->width, $sheet->height]);
        foreach ($sheet->marks as $mark) {
            match (true) {
                $mark instanceof Line => self::line($pdf, $mark),
                $mark instanceof Text => self::text($pdf, $mark),
                $mark instanceof Trace => array_map(static fn (Line $line) => self::line($pdf, $line), $mark->lines()),
                default => null,
            };
        }
    }

    private static function line(FPDF $pdf, Line $line): void
    {
        $pdf->SetLineWidth($line->widthMm);
        if (! $line->dashed) {
            $pdf->Line($line->fromX, $line->fromY, $line->toX, $line->toY);

            return;
        }
        // The library knows no dashes: short lines with gaps.
        $length = hypot($line->toX - $line->fromX, $line->toY - $line->fromY);
        for ($at = 0.0; $at < $length; $at += 3.5) {
            [$from, $to] = [$at / $length, min($length, $at + 2) / $length];
            $pdf->Line(
                self::between($line->fromX, $line->toX, $from),
                self::between($line->fromY, $line->toY, $from),
                self::between($line->fromX, $line->toX, $to),
                self::between($line->fromY, $line->toY, $to),
            );
        }
    }

    private static function text(FPDF $pdf, Text $text): void
    {
        $pdf->SetFont('Helvetica', $text->bold ? 'B' : '', $text->heightMm * self::POINTS_PER_MM);
        // Its own fonts are in the Western code page.
        $pdf->Text($text->x, $text->y, (string) mb_convert_encoding($text->says, 'Windows-1252', 'UTF-8'));
    }

    private static function between(float $from, float $to, float $ratio): float
    {
        return $from + ($to - $from) * $ratio;
    }
}
