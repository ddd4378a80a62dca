<?php

declare(strict_types=1);

namespace Dinghy\Rule;

/** The stages of a boat, in the order a rigger works in; each rule's part is seen and mended at one of them. */
enum Stage: string
{
    case Survey = 'survey';
    case Layout = 'layout';
    case Power = 'power';

    private const SURVEY = ['D09', 'S07'];

    private const LAYOUT = ['B24', 'N05', 'N06', 'W08', 'W09', 'W10', 'W11', 'W15', 'W17', 'W18'];

    /** @param  string  $code  "M03" */
    public static function ofRule(string $code): self
    {
        return match (true) {
            in_array($code, self::SURVEY, true) => self::Survey,
            $code[0] === 'M', in_array($code, self::LAYOUT, true) => self::Layout,
            default => self::Power,
        };
    }
}
