import { Anchor, type AnchorProps } from '@mantine/core';
import type { ComponentPropsWithoutRef } from 'react';

/** A small act among words. */
export function Act(props: AnchorProps & Omit<ComponentPropsWithoutRef<'button'>, keyof AnchorProps>) {
    return <Anchor component="button" type="button" inherit ta="start" underline="always" className="act" {...props} />;
}
