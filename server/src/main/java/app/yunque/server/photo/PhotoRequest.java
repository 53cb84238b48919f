package app.yunque.server.photo;

import java.util.List;

/**
 * What is drawn on a picture and said about it.
 *
 * @param version version that was seen
 * @param caption what it shows, up to 200 characters
 * @param marks   what is drawn on it, at most 40
 */
public record PhotoRequest(long version, String caption, List<PhotoMark> marks) {}
